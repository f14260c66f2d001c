<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import { route } from '@/lib/address';
    import type { EnquiriesProps } from '@/lib/props';

    const { headline, under, open, closed }: EnquiriesProps = $props();
</script>

<svelte:head><title>Enquiries · Regimen</title></svelte:head>

<p class="quiet"><a class="target" use:inertia href={route('clients')}>Clients</a> · enquiries</p>
<h1>{headline}</h1>
<p class="quiet">{under}</p>

<ol class="mt-4">
    {#each open as one (one.id)}
        <li class="flex flex-wrap gap-x-4 gap-y-1 items-center border-b border-b-rule py-2" data-enquiry={one.id}>
            <a class="plain target flex-1" use:inertia href={route('enquiries.one', one.id)}
                ><b>{one.client}</b> <span class={one.urgent ? 'tight' : 'quiet'}>{one.words}.</span></a
            >
            <a class="act" use:inertia href={one.address}>{one.next}</a>
        </li>
    {:else}
        <li class="quiet py-3">
            An enquiry begins with somebody: open the client, and write down what they would like.
        </li>
    {/each}
</ol>

{#if closed.length > 0}
    <h2 class="mt-8 border-t-2 border-t-ink pt-2">Closed of late</h2>
    <ul>
        {#each closed as words (words)}<li class="quiet border-b border-b-rule py-2">{words}</li>{/each}
    </ul>
{/if}
