<!-- Where the shop's money is looked at. -->
<script lang="ts">
    import { inertia, page } from '@inertiajs/svelte';
    import { route } from '@/lib/address';

    const PAGES = [
        ['money', 'Owed and coming in'],
        ['money.earned', 'What it earned'],
        ['money.rate', 'What an hour must bring'],
        ['money.bank', 'The bank’s file'],
        ['money.settings', 'Who sells and which tax'],
    ] as const;
    const path = $derived(page.url.split('?')[0] ?? '');
</script>

<nav class="screen-only flex flex-wrap gap-x-5 gap-y-1 mb-2" aria-label="Money">
    {#each PAGES as [name, words] (name)}
        {#if path === route(name)}<b class="target">{words}</b>{:else}<a class="target" use:inertia href={route(name)}
                >{words}</a
            >{/if}
    {/each}
</nav>
