<script lang="ts">
    import Empty from '@/components/Empty.svelte';
    import { moment } from '@/lib/time';
    import type { AuditProps } from '@/lib/props';
    import { route } from '@/lib/address';

    const { entries }: AuditProps = $props();
</script>

<svelte:head><title>Audit log · Regimen</title></svelte:head>

<h1>Audit log</h1>
<p class="quiet">
    Sign-ins and failed ones, changes of rights, copies and exports. Nobody can change or remove a line, in the program
    or by it.
</p>
<p><a class="target" href={route('house')}>Back to the house</a></p>
<ul class="mt-2">
    {#each entries as entry (entry.id)}
        <li
            class="border-t border-t-rule py-[0.35rem] grid grid-cols-[11rem_8rem_minmax(0,1fr)_9rem] gap-3 max-desk:grid-cols-2"
        >
            <span class="figure small">{moment(entry.at)}</span>
            <span class="quiet">{entry.kind}</span>
            <span class="[overflow-wrap:anywhere] max-desk:col-span-full">{entry.words}</span>
            <span class="quiet small">{entry.place}</span>
        </li>
    {:else}
        <li><Empty words="Sign-ins, changes of rights, copies and exports will stand here." /></li>
    {/each}
</ul>
