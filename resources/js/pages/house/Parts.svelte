<script lang="ts">
    import { inertia, page } from '@inertiajs/svelte';
    import KitInTime from '@/components/KitInTime.svelte';
    import Field from '@/components/Field.svelte';
    import PartList from '@/components/house/PartList.svelte';
    import PriceRow from '@/components/house/PriceRow.svelte';
    import type { PartsProps } from '@/lib/props';
    import { route } from '@/lib/address';

    const { expected, toOrder, prices, suppliers }: PartsProps = $props();

    const manager = $derived(page.props.viewer?.manager ?? false);
    const overdue = $derived(expected.filter((line) => line.overdue).length);
    let search = $state('');
    const found = $derived(prices.filter((price) => price.name.toLowerCase().includes(search.toLowerCase())));
</script>

<svelte:head><title>Timber and parts · Regimen</title></svelte:head>

<h1>
    {overdue > 0
        ? `${overdue === 1 ? 'One part is' : `${overdue} parts are`} overdue`
        : `${expected.length} parts are on their way`}
</h1>
<p class="quiet">
    Whatever open builds still need. Record an arrival here or on the build’s sheet, and everything is planned again.
</p>
<p class="tools flex flex-wrap gap-y-[0.4rem] gap-x-[1.4rem] items-center">
    <a use:inertia href={route('timber')}>Boards</a>
    <a href={route('parts.sheet', 'a4')}>Order list, PDF on A4</a>
    <a href={route('parts.sheet', 'letter')}>on Letter</a>
</p>

<section class="sheet mt-[1.2rem]">
    <h2>Expected</h2>
    <KitInTime lines={expected.map((line) => ({ ...line, name: `${line.build}: ${line.name}` }))} />
    <PartList lines={expected} {manager} toOrder={false} empty="Nothing is on order." />
</section>

<section class="sheet mt-[1.2rem]">
    <h2>To order</h2>
    <PartList lines={toOrder} {manager} toOrder={true} empty="Nothing is waiting to be ordered." />
</section>

{#if suppliers.length > 0}
    <section class="sheet mt-[1.2rem]">
        <h2>How long suppliers take</h2>
        <p class="quiet small">
            From the order to its arrival, in days, learned from what came; what the price list says weighs as four
            orders. Parts that are still to be ordered, and those that are overdue, are planned by it.
        </p>
        <ul>
            {#each suppliers as one (one.name)}
                <li class="border-t border-t-rule py-1 flex flex-wrap gap-x-4" data-supplier={one.name}>
                    <b class="grow">{one.name}</b>
                    <span><span class="figure">{one.median}</span> in the middle</span>
                    <span><span class="figure">{one.ninth}</span> for nine of ten</span>
                    <span class="quiet">{one.orders === 1 ? 'one order' : `${one.orders} orders`}</span>
                </li>
            {/each}
        </ul>
    </section>
{/if}

{#if manager}
    <section class="sheet mt-[1.2rem]">
        <h2>House price list</h2>
        <p class="quiet small">
            What a unit costs, and the days from order to arrival. A new shop starts with invented round figures:
            overwrite them. Kits that have been made keep theirs. See
            <a use:inertia href={route('house')}>House</a> for rates.
        </p>
        <div class="search"><Field name="search" label="Find" bind:value={search} /></div>
        <ul>
            {#each found as price (price.id)}<PriceRow {price} />{:else}<li class="quiet">
                    Nothing of that name.
                </li>{/each}
        </ul>
    </section>
{/if}

<style>
    .search {
        max-width: 20rem;
        margin: 0.5rem 0;
    }
</style>
