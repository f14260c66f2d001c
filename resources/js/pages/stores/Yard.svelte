<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import { route } from '@/lib/address';
    import type { YardProps } from '@/lib/props';

    const { headline, moisture, timbers }: YardProps = $props();
</script>

<svelte:head><title>For the timber yard · Regimen</title></svelte:head>

<p class="small quiet"><a use:inertia href={route('timber')}>Boards</a> · for the timber yard</p>
<h1>{headline}</h1>
<p class="quiet">{moisture}</p>
{#if timbers.length > 0}
    <p class="mt-2">
        To take along where there is no network: <a href={route('timber.yard.sheet', 'a4')}>A4</a>,
        <a href={route('timber.yard.sheet', 'letter')}>Letter</a>.
    </p>
{/if}

{#each timbers as timber (timber.name)}
    <section class="sheet mt-5" data-timber={timber.name}>
        <h2>{timber.name} <span class="quiet small figure">{timber.feet} rough, before defects</span></h2>
        {#if timber.standIns.length > 0}
            <p class="small">
                Near it in weight and hardness: {timber.standIns.join(', ')}. Colour, figure and the client’s word
                decide.
            </p>
        {/if}
        {#if timber.protected}
            <p class="small tight">
                Protected in places (CITES): ask the seller for its papers and keep them; the authority decides what
                they are good for.
            </p>
        {/if}
        <ul>
            {#each timber.lines as one, index (index)}
                <li class="border-t border-t-rule py-2">
                    <b class="figure">{one.build}</b>
                    {one.title}, {one.what}{one.cut ? `, ${one.cut}` : ''}
                    <span class="block figure"
                        >{one.pieces > 1 ? `${one.pieces} of ` : ''}{one.metric}
                        <span class="quiet">({one.inches})</span></span
                    >
                    <span class="block small quiet">Look for: {one.lookFor.join('; ')}.</span>
                </li>
            {/each}
        </ul>
    </section>
{:else}
    <p class="quiet mt-4">
        Every build in the making finds a board in the shop that it can be cut from, or is cut already.
    </p>
{/each}

{#if timbers.length > 0}
    <p class="small quiet mt-4">
        Rough sizes along the grain first, with 3 mm a face for planing and 25 mm off each end. A board in the shop that
        could serve two builds is taken to serve both: where one of them must go without, it is not on this list.
    </p>
{/if}
