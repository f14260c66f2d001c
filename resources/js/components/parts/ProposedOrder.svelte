<!-- What is proposed to be ordered with one supplier. -->
<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import { untrack } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { amount } from '@/lib/amount';
    import { calendarDay } from '@/lib/time';
    import { route } from '@/lib/address';
    import type { ProposedOrder } from '@/lib/props';

    const { order, today }: { order: ProposedOrder; today: string } = $props();

    const act = new Act();
    let left = $state<string[]>([]);
    let expectedOn = $state(untrack(() => order.expectedOn));
    let note = $state('');
    let express = $state(false);

    function hurry(): void {
        express = !express;
        expectedOn = express && order.expressOn !== null ? order.expressOn : order.expectedOn;
    }
    /** What was typed in the place of what was proposed, by line. */
    let typed = $state<Record<string, { quantity?: string; cost?: string }>>({});
    const chosen = $derived(order.lines.filter((one) => !left.includes(one.key)));

    const say = (key: string, field: 'quantity' | 'cost', value: string): void => {
        typed = { ...typed, [key]: { ...typed[key], [field]: value } };
    };

    function send(event: SubmitEvent): void {
        event.preventDefault();
        act.post(route('stores.orders'), {
            supplier: order.supplier,
            expected_on: expectedOn,
            express,
            note,
            lines: chosen.map((one) => ({
                line: one.line,
                version: one.version,
                part: one.part,
                quantity: typed[one.key]?.quantity ?? String(one.quantity),
                cost: typed[one.key]?.cost ?? one.cost,
            })),
        });
    }

    const wrongIn = (index: number): string | undefined =>
        act.errors[`lines.${index}.cost`] ?? act.errors[`lines.${index}.quantity`];
</script>

<form class="mt-3" onsubmit={send} data-proposal={order.name} novalidate>
    <h3>
        {order.name}
        <span class="quiet small"
            >{order.days} days for nine of ten{#if !order.reachable}; <span class="tight">no address yet</span
                >{/if}</span
        >
    </h3>
    <ul>
        {#each order.lines as one (one.key)}
            {@const index = chosen.indexOf(one)}
            <li class="border-t border-t-rule py-[0.3rem]">
                <div
                    class="grid grid-cols-[minmax(0,1.6fr)_minmax(0,1.3fr)_9rem_6rem_7rem] gap-x-3 gap-y-1 items-center max-desk:grid-cols-2"
                >
                    <label class="flex gap-2 items-baseline"
                        ><input
                            type="checkbox"
                            checked={index >= 0}
                            onchange={() =>
                                (left = index >= 0 ? [...left, one.key] : left.filter((key) => key !== one.key))}
                        /><span
                            ><b class="font-[550]">{one.name}</b>
                            {#if one.line !== null}<span class="quiet">{amount(one.quantity, one.unit)}</span>{/if}
                            {#if one.number}<span class="quiet small">{one.number}</span>{/if}</span
                        ></label
                    >
                    <span class="small"
                        >{#if one.build !== null}<a class="plain" use:inertia href={route('builds.show', one.build)}
                                >{one.for}</a
                            >{:else}<span class="quiet">{one.for}</span>{/if}
                        {#if one.others}<span class="quiet block">{one.others}</span>{/if}</span
                    >
                    <span
                        class={[
                            'small',
                            one.late ? 'late' : one.orderBy !== null && one.orderBy <= today ? 'tight' : 'quiet',
                        ]}
                        >{#if one.orderBy === null}whenever{:else if one.late}today; {calendarDay(one.orderBy)} was the last
                            day{:else}by {calendarDay(one.orderBy)}{/if}</span
                    >
                    {#if one.line === null}
                        <input
                            class="field figure"
                            aria-label={`How many of ${one.name}`}
                            value={typed[one.key]?.quantity ?? String(one.quantity)}
                            oninput={(event) => say(one.key, 'quantity', event.currentTarget.value)}
                        />
                    {:else}<span></span>{/if}
                    <input
                        class="field figure"
                        aria-label={`Cost of ${one.name}`}
                        value={typed[one.key]?.cost ?? one.cost}
                        oninput={(event) => say(one.key, 'cost', event.currentTarget.value)}
                    />
                </div>
                {#if index >= 0}<ErrorLine text={wrongIn(index)} />{/if}
            </li>
        {/each}
    </ul>
    <div class="flex flex-wrap gap-3 items-end border-t border-t-rule pt-2">
        <span class="grow self-center quiet"
            >freight <span class="figure">{order.freight}</span>, in all <span class="figure">{order.total}</span></span
        >
        {#if order.expressOn !== null}
            <label class="flex gap-2 items-center min-h-11"
                ><input type="checkbox" checked={express} onchange={hurry} />express, {order.express} more</label
            >
        {/if}
        <div class="w-56 max-desk:w-full">
            <Field name="note" label="A word to the supplier" bind:value={note} error={act.errors.note} />
        </div>
        <div class="w-44">
            <Field
                name="expected_on"
                label="Expected on"
                type="date"
                bind:value={expectedOn}
                error={act.errors.expected_on}
            />
        </div>
        {#if order.reachable}
            <button class="do" type="submit" disabled={act.busy || chosen.length === 0}
                >Order {chosen.length === 1 ? 'one line' : `${chosen.length} lines`}</button
            >
        {:else}
            <a class="act" use:inertia href={route('stores.suppliers')}>Write the address down</a>
        {/if}
    </div>
    <ErrorLine text={act.errors.supplier ?? act.errors.lines ?? undefined} />
</form>

<style>
    li input:not([type]) {
        min-height: var(--target);
        width: 100%;
        text-align: right;
    }
</style>
