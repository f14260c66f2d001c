<script lang="ts">
    import { untrack } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { amount } from '@/lib/amount';
    import { shopClock } from '@/lib/now.svelte';
    import { calendarDay, dateOf } from '@/lib/time';
    import type { SheetKitLine } from '@/lib/props';
    import { route } from '@/lib/address';

    const { line, manager, open }: { line: SheetKitLine; manager: boolean; open: boolean } = $props();

    const act = new Act();
    const inShop = $derived(line.state === 'arrived' || line.state === 'used');
    const changeable = $derived(open && ((manager && !inShop) || (inShop && line.left > 0) || line.inStock.length > 0));
    let more = $state(false);
    let expectedOn = $state(
        untrack(() => line.expectedOn ?? dateOf(new Date(shopClock.now.getTime() + line.leadDays * 86_400_000))),
    );
    let cost = $state(untrack(() => line.cost ?? ''));
    let quantity = $derived(String(line.left));
    let because = $state('');
    let wrong = $state('');
    let part = $state(untrack(() => line.inStock[0]?.value ?? ''));
    let take = $state(untrack(() => String(line.quantity)));

    const standing = $derived(
        line.state === 'ordered'
            ? `${line.overdue ? 'overdue since' : 'expected'} ${calendarDay(line.expectedOn ?? '')}`
            : line.state === 'arrived'
              ? line.arrivedOn
                  ? `arrived ${calendarDay(line.arrivedOn)}`
                  : 'in the shop'
              : line.state === 'used'
                ? 'used up'
                : `needed, ${line.leadDays} days from the order`,
    );
</script>

<li class="border-t border-t-rule py-[0.35rem]" data-kit={line.name}>
    <div class="row grid grid-cols-[minmax(0,2fr)_6rem_minmax(0,1.4fr)_10rem_7rem_11rem] gap-3 items-center">
        <span>
            <b class="font-medium">{line.name}</b>{#if line.surplus}<span class="tight small">
                    no longer needed</span
                >{/if}
            <span class="quiet small">{line.part || line.cutFrom || line.supplier}</span>
            {#if changeable}
                <button
                    class="word small screen-only"
                    type="button"
                    aria-expanded={more}
                    onclick={() => (more = !more)}
                >
                    {inShop
                        ? 'a part of it, spoiled, wrong'
                        : line.state === 'ordered'
                          ? 'change the order'
                          : line.inStock.length > 0
                            ? 'order, or take from stock'
                            : 'order'}
                </button>
            {/if}
        </span>
        <span class="figure">{amount(line.quantity, line.unit)}</span>
        <span class={line.overdue ? 'late' : line.state === 'needed' ? '' : 'quiet'}>{standing}</span>
        <span class="figure quiet small"
            >{inShop
                ? `${line.used} used${line.writtenOff > 0 ? `, ${line.writtenOff} spoiled` : ''}, ${line.left} left`
                : ''}</span
        >
        <span class="figure"
            >{line.cost ?? ''}
            {#if line.cost && line.costIsEstimate}<span class="quiet small">est.</span>{/if}</span
        >
        <span class="screen-only">
            {#if open && line.state === 'arrived'}<a class="small target pr-[0.6rem]" href="#measured">measure</a>{/if}
            {#if open && !inShop}
                <button
                    class="act"
                    type="button"
                    disabled={act.busy}
                    onclick={() => act.post(route('kit.arrival', line.id), { version: line.version })}
                    >Mark as arrived</button
                >
            {:else if open && line.left > 0}
                <button
                    class="act"
                    type="button"
                    disabled={act.busy}
                    onclick={() => act.post(route('kit.use', line.id), { version: line.version, quantity })}
                    >Use {amount(line.left, line.unit)}</button
                >
            {:else if !open && line.canGoBack}
                <button
                    class="act"
                    type="button"
                    disabled={act.busy}
                    onclick={() => act.post(route('kit.back', line.id), { version: line.version })}
                    >Put it into stock</button
                >
            {/if}
        </span>
    </div>
    <ErrorLine text={act.other('expected_on', 'cost', 'quantity', 'because', 'part')} />
    {#if more && changeable}
        {#if inShop}
            <div class="forms">
                <Field
                    name="quantity"
                    label={`How much, ${line.unit}`}
                    bind:value={quantity}
                    error={act.errors.quantity}
                />
                <button
                    class="act"
                    type="button"
                    disabled={act.busy}
                    onclick={() => act.post(route('kit.use', line.id), { version: line.version, quantity })}
                    >Mark as used</button
                >
                <Field name="because" label="Spoiled, because" bind:value={because} error={act.errors.because} />
                <button
                    class="act"
                    type="button"
                    disabled={act.busy}
                    onclick={() =>
                        act.post(
                            route('kit.write-off', line.id),
                            { version: line.version, quantity, because },
                            () => (because = ''),
                        )}>Write off and need again</button
                >
                {#if line.state === 'arrived' && line.used + line.writtenOff === 0 && line.leadDays > 0}
                    <Field name="wrong" label="Wrong, because" bind:value={wrong} />
                    <button
                        class="act"
                        type="button"
                        disabled={act.busy}
                        onclick={() =>
                            act.post(
                                route('kit.wrong', line.id),
                                { version: line.version, quantity, because: wrong },
                                () => (wrong = ''),
                            )}>It is wrong</button
                    >
                {/if}
                {#if line.canGoBack}
                    <button
                        class="act"
                        type="button"
                        disabled={act.busy}
                        onclick={() => act.post(route('kit.back', line.id), { version: line.version })}
                        >Put it into stock</button
                    >
                {/if}
            </div>
        {:else}
            {#if line.inStock.length > 0}
                <div class="forms">
                    <Field
                        name="part"
                        label="From stock"
                        options={line.inStock}
                        bind:value={part}
                        error={act.errors.part}
                    />
                    <Field name="take" label={`How much, ${line.unit}`} bind:value={take} error={act.errors.quantity} />
                    <button
                        class="act"
                        type="button"
                        disabled={act.busy}
                        onclick={() =>
                            act.post(route('kit.from-stock', line.id), { version: line.version, part, quantity: take })}
                        >Take it from stock</button
                    >
                </div>
            {/if}
            {#if manager}<div class="forms">
                    <Field
                        name="expected_on"
                        label="Expected on"
                        type="date"
                        bind:value={expectedOn}
                        error={act.errors.expected_on}
                    />
                    <Field name="cost" label="Cost of the line" bind:value={cost} error={act.errors.cost} />
                    <button
                        class="act"
                        type="button"
                        disabled={act.busy}
                        onclick={() =>
                            act.post(route('kit.order', line.id), {
                                version: line.version,
                                expected_on: expectedOn,
                                cost,
                            })}>{line.state === 'ordered' ? 'Change the order' : 'Mark as ordered'}</button
                    >
                </div>{/if}
        {/if}
    {/if}
</li>

<style>
    .row > :last-child {
        text-align: right;
    }

    .row .word {
        padding: 0 0 0 0.5rem;
        font-size: 0.78rem;
        min-height: var(--target);
    }

    .forms {
        display: grid;
        grid-template-columns: 9rem 9rem minmax(0, 15rem) auto;
        gap: 0.75rem;
        align-items: start;
        padding: 0.3rem 0 0.6rem;
    }

    .forms .act {
        margin-top: 1.25rem;
        justify-self: start;
    }
    @media (width < 60rem) {
        .row,
        .forms {
            grid-template-columns: minmax(0, 1fr);
            gap: 0.2rem;
        }

        .row > :last-child {
            text-align: left;
        }
    }
</style>
