<!-- What is left of what came at one price: opened, kept until, thrown away. -->
<script lang="ts">
    import { untrack } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { amount } from '@/lib/amount';
    import { calendarDay } from '@/lib/time';
    import { route } from '@/lib/address';
    import type { LotLine } from '@/lib/props';

    const { lot, unit, manager }: { lot: LotLine; unit: string; manager: boolean } = $props();

    const act = new Act();
    let open = $state(false);
    let openedOn = $state(untrack(() => lot.openedOn ?? ''));
    let bestBefore = $state(untrack(() => lot.bestBefore ?? ''));
    let quantity = $state(untrack(() => String(lot.left)));
    let because = $state('');
</script>

<li class="border-t border-t-rule py-[0.3rem]" data-lot={lot.id}>
    <div class="flex flex-wrap gap-x-4 items-baseline">
        <b class="figure">{amount(lot.left, unit)}</b>
        <span class="grow"
            >came {calendarDay(lot.arrivedOn)}{lot.supplier ? ` from ${lot.supplier}` : ''}
            {#if lot.openedOn}<span class="quiet">, opened {calendarDay(lot.openedOn)}</span>{/if}
            {#if lot.bestBefore}<span class={lot.over ? 'late' : 'quiet'}
                    >, {lot.over ? 'best before was' : 'keeps until'} {calendarDay(lot.bestBefore)}</span
                >{/if}
            {#if lot.wrong}<span class="tight">, wrong: {lot.wrong}</span>{/if}</span
        >
        <span class="figure">{lot.value ?? ''}</span>
        <button class="word" type="button" aria-expanded={open} onclick={() => (open = !open)}
            >opened, or thrown away</button
        >
    </div>
    {#if open}
        <div class="flex flex-wrap gap-3 items-end mt-1">
            <div class="w-44">
                <Field
                    name="opened_on"
                    label="Opened on"
                    type="date"
                    past
                    bind:value={openedOn}
                    error={act.errors.opened_on}
                />
            </div>
            <div class="w-44">
                <Field
                    name="best_before"
                    label="Best before"
                    type="date"
                    bind:value={bestBefore}
                    error={act.errors.best_before}
                />
            </div>
            <button
                class="act"
                type="button"
                disabled={act.busy}
                onclick={() =>
                    act.post(
                        route('stores.lots.open', lot.id),
                        { opened_on: openedOn, best_before: bestBefore },
                        () => (open = false),
                    )}>Write it down</button
            >
            {#if manager}
                <div class="w-24">
                    <Field
                        name="quantity"
                        label={`How much, ${unit}`}
                        bind:value={quantity}
                        error={act.errors.quantity}
                    />
                </div>
                <div class="w-56">
                    <Field
                        name="because"
                        label="Thrown away, because"
                        bind:value={because}
                        error={act.errors.because}
                    />
                </div>
                <button
                    class="act"
                    type="button"
                    disabled={act.busy}
                    onclick={() =>
                        act.post(route('stores.lots.throw-away', lot.id), { quantity, because }, () => (open = false))}
                    >Throw it away</button
                >
            {/if}
        </div>
    {/if}
    <ErrorLine text={act.other('opened_on', 'best_before', 'quantity', 'because')} />
</li>
