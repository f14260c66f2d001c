<script lang="ts">
    import { inertia, page } from '@inertiajs/svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import FigureOfPart from '@/components/parts/FigureOfPart.svelte';
    import LotRow from '@/components/parts/LotRow.svelte';
    import Offers from '@/components/parts/Offers.svelte';
    import PartForm from '@/components/parts/PartForm.svelte';
    import { Act } from '@/lib/act.svelte';
    import { amount } from '@/lib/amount';
    import { calendarDay } from '@/lib/time';
    import { route } from '@/lib/address';
    import type { PartProps } from '@/lib/props';

    const part: PartProps = $props();

    const act = new Act();
    const manager = $derived(page.props.viewer?.manager ?? false);
    let changing = $state(false);
    let said = $state({ quantity: '', build: '', because: '' });
    const kind = $derived(part.groups.find((one) => one.value === part.group)?.words ?? part.group);
</script>

<svelte:head><title>{part.name} · Regimen</title></svelte:head>

<p class="small quiet">
    <a use:inertia href={route('stores')}>Stores</a> · <a use:inertia href={route('stores.parts')}>catalogue</a> · {kind.toLowerCase()}
</p>
<h1>
    {part.name}: {part.free > 0 ? `${amount(part.free, part.unit)} free` : 'none in stock'}
</h1>
<p class="quiet">
    {part.place ? `In ${part.place}.` : 'It has no drawer yet.'}
    {part.reserved > 0 ? `${amount(part.reserved, part.unit)} reserved in kits.` : ''}
    {part.coming > 0 ? `${amount(part.coming, part.unit)} coming.` : ''}
    {part.reorder}
    {part.note}
</p>
{#if manager && part.kept}
    <p class="tools flex flex-wrap gap-x-[1.4rem] items-center">
        <button class="word" type="button" aria-expanded={changing} onclick={() => (changing = !changing)}
            >change</button
        >
        <button
            class="word"
            type="button"
            disabled={act.busy}
            onclick={() => act.post(route('stores.parts.gone', part.id), { version: part.version })}
            >out of the catalogue</button
        >
    </p>
{/if}
{#if changing}
    <PartForm
        {part}
        groups={part.groups}
        prices={part.prices}
        units={part.units}
        others={part.others}
        done={() => (changing = false)}
    />
{/if}

<section class="sheet mt-[1.2rem]">
    <h2>In stock</h2>
    <ul>
        {#each part.lots as lot (lot.id)}<LotRow {lot} unit={part.unit} {manager} />{:else}<li class="quiet">
                Nothing of it is there.
            </li>{/each}
    </ul>
    {#if part.free > 0}
        <form
            class="flex flex-wrap gap-3 items-end border-t border-t-rule pt-2"
            novalidate
            onsubmit={(event) => {
                event.preventDefault();
                act.post(
                    route('stores.parts.use', part.id),
                    said,
                    () => (said = { quantity: '', build: '', because: '' }),
                );
            }}
        >
            <div class="w-32">
                <Field
                    name="quantity"
                    label={`Take out, ${part.unit}`}
                    bind:value={said.quantity}
                    error={act.errors.quantity}
                />
            </div>
            {#if part.byUse}
                <div class="w-72">
                    <Field
                        name="build"
                        label="For"
                        options={[{ value: '', words: 'the shop itself' }, ...part.builds]}
                        bind:value={said.build}
                        error={act.errors.build}
                    />
                </div>
            {:else}
                <p class="quiet small self-center">Every kit pays a share of it.</p>
            {/if}
            <div class="w-56">
                <Field name="because" label="What for" bind:value={said.because} error={act.errors.because} />
            </div>
            <button class="act" type="submit" disabled={act.busy}>Take it out</button>
        </form>
    {/if}
    <ErrorLine text={act.other('quantity', 'build', 'because')} />
</section>

<div class="grid grid-cols-2 gap-x-8 max-desk:grid-cols-1">
    <section class="sheet mt-[1.2rem]">
        <h2>As it was measured</h2>
        <p class="quiet small">
            A kit that takes it out of stock draws with what was measured on it, not with its data sheet.
        </p>
        <ul>
            {#each part.figures as figure (figure.field)}<FigureOfPart part={part.id} {figure} />{:else}<li
                    class="quiet"
                >
                    Nothing is measured on such a part.
                </li>{/each}
        </ul>
    </section>
    <section class="sheet mt-[1.2rem]">
        <h2>Who sells it</h2>
        <Offers part={part.id} unit={part.unit} offers={part.offers} suppliers={part.suppliers} {manager} />
        {#if part.alternatives.length > 0}
            <p class="small border-t border-t-rule pt-2 mt-2">
                In its place:
                {#each part.others.filter( (one) => part.alternatives.includes(Number(one.value)) ) as one, index (one.value)}{index
                        ? ', '
                        : ''}<a class="inline" use:inertia href={route('stores.parts.one', Number(one.value))}
                        >{one.words}</a
                    >{/each}.
            </p>
        {/if}
        {#if part.history.length > 0}
            <h3 class="mt-3">What it cost</h3>
            <ul>
                {#each part.history as one, index (index)}<li class="quiet small">{one}</li>{/each}
            </ul>
        {/if}
    </section>
</div>

<section class="sheet mt-[1.2rem]">
    <h2>In and out</h2>
    <ul>
        {#each part.movements as one, index (index)}
            <li
                class="border-t border-t-rule py-[0.2rem] grid grid-cols-[9rem_5rem_minmax(0,1fr)_7rem_6rem] gap-3 max-desk:grid-cols-2"
            >
                <span class="quiet">{calendarDay(one.on)}</span>
                <span class="figure">{one.quantity > 0 ? '+' : ''}{one.quantity}</span>
                <span>{one.words}</span>
                <span class="quiet small">{one.by}</span>
                <span class="figure quiet text-right max-desk:text-left">{one.cost ?? ''}</span>
            </li>
        {:else}<li class="quiet">Nothing has moved yet.</li>{/each}
    </ul>
</section>
