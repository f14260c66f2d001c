<script lang="ts">
    import { inertia, page } from '@inertiajs/svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import InDays, { type DayRow } from '@/components/InDays.svelte';
    import LateRow from '@/components/parts/LateRow.svelte';
    import ProposedOrder from '@/components/parts/ProposedOrder.svelte';
    import WrongRow from '@/components/parts/WrongRow.svelte';
    import { Act } from '@/lib/act.svelte';
    import { amount } from '@/lib/amount';
    import { calendarDay } from '@/lib/time';
    import { route } from '@/lib/address';
    import type { OnTheWay, StoresProps } from '@/lib/props';

    const { headline, late, onTheWay, proposals, unsold, drawer, wrong, over, value, today }: StoresProps = $props();

    const act = new Act();
    const manager = $derived(page.props.viewer?.manager ?? false);

    function row(one: OnTheWay): DayRow {
        const until = one.overdue ? one.likelyOn : one.expectedOn;
        return {
            key: one.id,
            name: `${one.id} ${one.supplier}`,
            marks: [
                {
                    kind: 'wait',
                    from: one.orderedOn,
                    to: until,
                    words: `order ${one.id} with ${one.supplier}: ${one.overdue ? `overdue since ${calendarDay(one.expectedOn)}, likely ${calendarDay(one.likelyOn)}` : `expected ${calendarDay(one.expectedOn)}`}, nine of ten by ${calendarDay(one.ninthOn)}`,
                },
                ...(one.neededOn === null
                    ? []
                    : [
                          {
                              kind: 'labour' as const,
                              from: one.neededOn,
                              words: `first work with it ${calendarDay(one.neededOn)}`,
                          },
                      ]),
            ],
        };
    }
    const rows = $derived(onTheWay.map(row));
</script>

<svelte:head><title>Stores · Regimen</title></svelte:head>

<h1>{headline}</h1>
<p class="quiet">
    {#if value}The stock is worth <span class="figure">{value}</span>, each lot at what it cost.{/if}
    What a kit or the stock lacks is proposed so that it is there before its work.
</p>
<p class="tools flex flex-wrap gap-y-[0.4rem] gap-x-[1.4rem] items-center">
    <a use:inertia href={route('stores.parts')}>Catalogue and stock</a>
    <a use:inertia href={route('timber')}>Boards</a>
    <a use:inertia href={route('templates')}>Templates</a>
    <a use:inertia href={route('stores.away')}>Work sent out</a>
    <a use:inertia href={route('stores.labels')}>Labels</a>
    <a use:inertia href={route('scan')}>Scan a label</a>
    <a use:inertia href={route('chores')}>Chores</a>
    <a use:inertia href={route('parts')}>Kits and prices</a>
    {#if manager}<a use:inertia href={route('stores.suppliers')}>Suppliers</a>
        <a use:inertia href={route('stores.values')}>What it is worth</a>{/if}
</p>

{#if late.length > 0}
    <section class="sheet mt-[1.2rem]">
        <h2>Late</h2>
        <ul>
            {#each late as one (one.line)}<LateRow late={one} {manager} />{/each}
        </ul>
    </section>
{/if}

{#if wrong.length > 0}
    <section class="sheet mt-[1.2rem]">
        <h2>Wrong</h2>
        <ul>
            {#each wrong as one (one.lot)}<WrongRow wrong={one} {manager} />{/each}
        </ul>
    </section>
{/if}

<section class="sheet mt-[1.2rem]">
    <h2>On the way</h2>
    {#if rows.length > 0}
        <InDays {rows} {today} words={rows.flatMap((one) => one.marks.map((mark) => mark.words)).join('; ')} />
        <p class="quiet small">
            Open is waiting until an order is here, solid the first day of work that needs something of it.
        </p>
    {/if}
    <ul>
        {#each onTheWay as one (one.id)}
            <li
                class="border-t border-t-rule py-[0.3rem] grid grid-cols-[9rem_minmax(0,1.6fr)_minmax(0,1fr)_minmax(0,1.2fr)_6rem] gap-x-3 items-baseline max-desk:grid-cols-1"
                data-order={one.id}
            >
                <a use:inertia href={route('stores.orders.one', one.id)}>Order {one.id}</a>
                <span>{one.what} <span class="quiet small">from {one.supplier}</span></span>
                <span class="quiet small">{one.for}</span>
                <span class={one.overdue ? 'late' : ''}
                    >{one.overdue
                        ? `overdue since ${calendarDay(one.expectedOn)}, likely ${calendarDay(one.likelyOn)}`
                        : `expected ${calendarDay(one.expectedOn)}`}
                    {#if !one.overdue}<span class="quiet small block">nine of ten by {calendarDay(one.ninthOn)}</span
                        >{/if}</span
                >
                <span class="figure text-right max-desk:text-left">{one.cost ?? ''}</span>
            </li>
        {:else}
            <li class="quiet">
                No order is on its way. Single parts that were marked as ordered stand under <a
                    class="inline"
                    use:inertia
                    href={route('parts')}>Kits and prices</a
                >.
            </li>
        {/each}
    </ul>
</section>

{#if drawer.length > 0}
    <section class="sheet mt-[1.2rem]">
        <h2>In stock for a kit that needs it</h2>
        <ul>
            {#each drawer as one (one.line)}
                <li
                    class="border-t border-t-rule py-[0.3rem] flex flex-wrap gap-x-4 gap-y-1 items-center"
                    data-drawer={one.name}
                >
                    <span class="grow"
                        ><b>{one.name}</b>
                        <span class="quiet">{amount(one.quantity, one.unit)}{one.place ? `, ${one.place}` : ''}</span>
                        for
                        <a class="plain" use:inertia href={route('builds.show', one.build)}
                            ><b class="figure">{one.build}</b> {one.title}</a
                        >
                        {#if one.wanted}<span class="quiet small">in the place of {one.wanted}</span>{/if}</span
                    >
                    {#if one.neededOn}<span class="quiet small">first work {calendarDay(one.neededOn)}</span>{/if}
                    <button
                        class="act"
                        type="button"
                        disabled={act.busy}
                        onclick={() =>
                            act.post(route('kit.from-stock', one.line), {
                                version: one.version,
                                part: one.part,
                                quantity: String(one.quantity),
                            })}>Take it for {one.build}</button
                    >
                </li>
            {/each}
        </ul>
        <ErrorLine text={act.other()} />
    </section>
{/if}

{#if manager}
    <section class="sheet mt-[1.2rem]">
        <h2>To order</h2>
        {#each proposals as one (`${one.supplier} ${one.lines.map((line) => line.key).join()}`)}<ProposedOrder
                order={one}
                {today}
            />{:else}<p class="quiet">Nothing has to be bought.</p>{/each}
        {#if unsold.length > 0}
            <p class="tight border-t border-t-rule pt-2 mt-3">
                Nobody is known to sell {unsold.join(', ')}. Write a supplier down in the
                <a class="inline" use:inertia href={route('stores.parts')}>catalogue</a>.
            </p>
        {/if}
    </section>
{/if}

{#if over.length > 0}
    <section class="sheet mt-[1.2rem]">
        <h2>Keeps no longer</h2>
        <ul>
            {#each over as one (one)}<li class="border-t border-t-rule py-1">{one}</li>{/each}
        </ul>
    </section>
{/if}
