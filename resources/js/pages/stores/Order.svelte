<script lang="ts">
    import { inertia, page } from '@inertiajs/svelte';
    import { untrack } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import ParcelForm from '@/components/parts/ParcelForm.svelte';
    import { Act } from '@/lib/act.svelte';
    import { amount } from '@/lib/amount';
    import { calendarDay } from '@/lib/time';
    import { route } from '@/lib/address';
    import type { OrderProps } from '@/lib/props';

    const order: OrderProps = $props();

    const act = new Act();
    const manager = $derived(page.props.viewer?.manager ?? false);
    let more = $state<'' | 'day' | 'off'>('');
    let expectedOn = $state(untrack(() => order.expectedOn));
    let because = $state('');
</script>

<svelte:head><title>Order {order.id} · Regimen</title></svelte:head>

<p class="small quiet"><a use:inertia href={route('stores')}>Stores</a> · order {order.id} · {order.supplier}</p>
<h1>{order.headline}</h1>
<p class="quiet">
    Ordered {calendarDay(order.orderedOn)} with {order.supplier}{order.express ? ', by express' : ''}. {order.learned}
    {order.mailed}
    {#if order.note}“{order.note}”{/if}
</p>
{#if manager}
    <p class="tools flex flex-wrap gap-y-[0.4rem] gap-x-[1.4rem] items-center">
        <a href={route('stores.orders.sheet', [order.id, 'a4'])}>The order, PDF on A4</a>
        <a href={route('stores.orders.sheet', [order.id, 'letter'])}>on Letter</a>
        <a href={route('stores.orders.file', order.id)}>as CSV</a>
        {#if order.open && order.hasMail}
            <button
                class="word"
                type="button"
                disabled={act.busy}
                onclick={() => act.post(route('stores.orders.mail', order.id), { version: order.version })}
                >{order.mailed ? 'mail it again' : 'mail it'}</button
            >
        {/if}
        {#if order.open}
            <button
                class="word"
                type="button"
                aria-expanded={more === 'day'}
                onclick={() => (more = more === 'day' ? '' : 'day')}>it comes on another day</button
            >
            <button
                class="word"
                type="button"
                aria-expanded={more === 'off'}
                onclick={() => (more = more === 'off' ? '' : 'off')}>call it off</button
            >
        {/if}
    </p>
{/if}
{#if more === 'day'}
    <form
        class="flex gap-3 items-end mt-2"
        onsubmit={(event) => {
            event.preventDefault();
            act.send(
                'put',
                route('stores.orders.expected', order.id),
                { version: order.version, expected_on: expectedOn },
                () => (more = ''),
            );
        }}
    >
        <div class="w-44">
            <Field
                name="expected_on"
                label="Expected on"
                type="date"
                bind:value={expectedOn}
                error={act.errors.expected_on}
            />
        </div>
        <button class="do" type="submit" disabled={act.busy}>Write it down</button>
    </form>
{:else if more === 'off'}
    <form
        class="flex gap-3 items-end mt-2"
        onsubmit={(event) => {
            event.preventDefault();
            act.post(route('stores.orders.call-off', order.id), { version: order.version, because }, () => (more = ''));
        }}
    >
        <div class="grow max-w-120">
            <Field name="because" label="Nothing more comes, because" bind:value={because} error={act.errors.because} />
        </div>
        <button class="do" type="submit" disabled={act.busy}>Call it off</button>
    </form>
{/if}
<ErrorLine text={act.other('expected_on', 'because')} />

{#if order.open}<ParcelForm {order} {manager} />{/if}

<section class="sheet mt-[1.2rem]">
    <h2>Lines</h2>
    <ul>
        {#each order.lines as line (line.id)}
            <li
                class="border-t border-t-rule py-[0.35rem] grid grid-cols-[minmax(0,1.4fr)_8rem_minmax(0,1.2fr)_minmax(0,1fr)_6rem] gap-x-3 items-baseline max-desk:grid-cols-1"
            >
                <span
                    >{#if line.part}<a class="plain" use:inertia href={route('stores.parts.one', line.part)}
                            ><b>{line.name}</b></a
                        >{:else}<b>{line.name}</b>{/if} <span class="quiet small">{line.number}</span></span
                >
                <span class="figure">{amount(line.quantity, line.unit)}</span>
                <span class="small"
                    >{#if line.build !== null}<a class="plain" use:inertia href={route('builds.show', line.build)}
                            >{line.for}</a
                        >{:else}<span class="quiet">{line.for}</span>{/if}</span
                >
                <span class={line.missing > 0 ? 'tight' : 'quiet'}
                    >{line.missing === 0 ? 'all here' : `${line.missing} still to come`}{line.sentBack > 0
                        ? `, ${line.sentBack} sent back`
                        : ''}</span
                >
                <span class="figure text-right max-desk:text-left">{line.cost ?? ''}</span>
            </li>
        {/each}
    </ul>
    {#if order.total}<p class="text-right border-t border-t-rule pt-1">
            in all <span class="figure">{order.total}</span>
        </p>{/if}
</section>

{#if order.parcels.length > 0}
    <section class="sheet mt-[1.2rem]">
        <h2>Parcels that came</h2>
        {#each order.parcels as parcel, index (index)}
            <p class="border-t border-t-rule py-1">
                {calendarDay(parcel.arrivedOn)}, taken in by {parcel.by}: {parcel.lines.join('; ')}{#if parcel.freight}.
                    Freight <span class="figure">{parcel.freight}</span>{/if}
            </p>
        {/each}
    </section>
{/if}
