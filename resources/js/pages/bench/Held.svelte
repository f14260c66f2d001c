<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import Empty from '@/components/Empty.svelte';
    import Chart from '@/components/bench/Chart.svelte';
    import { route } from '@/lib/address';
    import type { HeldProps } from '@/lib/props';

    const { headline, lines }: HeldProps = $props();
</script>

<svelte:head><title>How well the house works · Regimen</title></svelte:head>

<p class="small quiet">
    <a class="inline-flex items-center min-h-(--target)" use:inertia href={route('house')}>House</a> · how well it works
</p>
<h1>{headline}</h1>
<p class="quiet">
    Each instrument is one point, as far from what was wanted. A tolerance is changed under
    <a class="inline-flex items-center min-h-(--target)" use:inertia href={route('house.standards')}>House standards</a
    >.
</p>

<div class="grid gap-x-8 gap-y-6 mt-4 desk:grid-cols-3 md:grid-cols-2">
    {#each lines as line (line.key)}
        <section class="sheet">
            <p class="small quiet">{line.operation}</p>
            <Chart chart={line.chart} />
            <ul class="small mt-1">
                {#each line.by as one (one.who)}
                    <li>{one.who}: <span class="figure">{one.words}</span> <span class="quiet">({one.count})</span></li>
                {/each}
            </ul>
        </section>
    {:else}
        <Empty
            words="Here stands how well each repeated reading is held, as soon as two instruments were measured at their gates."
        />
    {/each}
</div>
