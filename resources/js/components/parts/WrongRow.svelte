<!-- A part that is wrong: sent back, fitted here or elsewhere with its consequences, or taken as it is. -->
<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import { untrack } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { amount } from '@/lib/amount';
    import { route } from '@/lib/address';
    import type { FitLine, WrongPart } from '@/lib/props';

    const { wrong, manager }: { wrong: WrongPart; manager: boolean } = $props();

    const act = new Act();
    let open = $state(false);
    let quantity = $state(untrack(() => String(wrong.quantity)));
    let refund = $state(untrack(() => wrong.cost ?? ''));
    let because = $state(untrack(() => wrong.because));
    let replacedBy = $state('');

    function fit(one: FitLine): void {
        act.post(route('stores.wrong.fit', wrong.lot), {
            line: one.line,
            version: one.version,
            quantity: String(one.quantity),
        });
    }
</script>

<li class="border-t border-t-rule py-2" data-wrong={wrong.name}>
    <div class="grid grid-cols-[minmax(0,1fr)_minmax(0,1.2fr)] gap-x-8 gap-y-1 max-desk:grid-cols-1">
        <div>
            <p>
                <b>{wrong.name}</b> <span class="quiet">{amount(wrong.quantity, wrong.unit)}</span>
                <span class="tight">{wrong.because}</span>
            </p>
            <p class="small quiet">
                {#if wrong.supplier}from {wrong.supplier}{/if}{#if wrong.order}, <a
                        class="inline"
                        use:inertia
                        href={route('stores.orders.one', wrong.order)}>order {wrong.order}</a
                    >{/if}{#if wrong.cost}, paid <span class="figure">{wrong.cost}</span> with its freight{/if}
            </p>
            <p class="small quiet">
                {wrong.known.length === 0
                    ? 'Nothing is measured on it yet: what it would do to an instrument is not known.'
                    : wrong.known.join('; ')}
            </p>
        </div>
        <div>
            {#each wrong.fits as one (one.line)}
                <div class="flex flex-wrap gap-x-4 gap-y-1 items-center justify-between py-1">
                    <span class="grow"
                        >Fit it as it is in <b class="figure">{one.build}</b>
                        {one.title}:
                        <span class={one.consequences.length > 0 ? 'tight' : 'quiet'}
                            >{one.consequences.length === 0
                                ? 'nothing that is known speaks against it'
                                : one.consequences.join('; ')}</span
                        ></span
                    >
                    {#if manager}<button class="act" type="button" disabled={act.busy} onclick={() => fit(one)}
                            >Fit it</button
                        >{/if}
                </div>
            {:else}
                <p class="quiet small">No kit in the making needs such a part.</p>
            {/each}
            {#if manager}
                <p class="flex flex-wrap gap-3 mt-1">
                    <button class="act" type="button" aria-expanded={open} onclick={() => (open = !open)}
                        >Send it back</button
                    >
                    <button
                        class="word"
                        type="button"
                        disabled={act.busy}
                        onclick={() => act.post(route('stores.wrong.as-it-is', wrong.lot), { because: wrong.because })}
                        >into stock as it is</button
                    >
                </p>
            {/if}
        </div>
    </div>
    {#if open}
        <form
            class="grid grid-cols-[8rem_10rem_minmax(0,1fr)_12rem_auto] gap-3 items-end mt-2 max-desk:grid-cols-2"
            onsubmit={(event) => {
                event.preventDefault();
                act.post(
                    route('stores.wrong.send-back', wrong.lot),
                    { quantity, refund: replacedBy === '' ? refund : '', because, replaced_by: replacedBy },
                    () => (open = false),
                );
            }}
        >
            <Field name="quantity" label="How many" bind:value={quantity} error={act.errors.quantity} />
            <Field name="refund" label="Given back" bind:value={refund} error={act.errors.refund} />
            <Field name="because" label="Because" bind:value={because} error={act.errors.because} />
            <Field
                name="replaced_by"
                label="Another one comes on"
                type="date"
                bind:value={replacedBy}
                error={act.errors.replaced_by}
            />
            <button class="do" type="submit" disabled={act.busy}>It goes back</button>
        </form>
    {/if}
    <ErrorLine text={act.other('quantity', 'refund', 'because', 'replaced_by')} />
</li>
