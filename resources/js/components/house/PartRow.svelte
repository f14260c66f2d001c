<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import { untrack } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { amount } from '@/lib/amount';
    import { shopClock } from '@/lib/now.svelte';
    import { calendarDay, dateOf } from '@/lib/time';
    import type { PartLine } from '@/lib/props';
    import { route } from '@/lib/address';

    interface Props {
        line: PartLine;
        manager: boolean;
        chosen: boolean;
        onchoose?: () => void;
    }

    const { line, manager, chosen, onchoose }: Props = $props();

    const act = new Act();
    let open = $state(false);
    let expectedOn = $state(
        untrack(() => line.expectedOn ?? dateOf(new Date(shopClock.now.getTime() + line.usualDays * 86_400_000))),
    );
    let cost = $state(untrack(() => line.cost ?? ''));

    function order(): void {
        act.post(
            route('kit.order', line.id),
            { version: line.version, expected_on: expectedOn, cost },
            () => (open = false),
        );
    }
</script>

<li class="border-t border-t-rule py-[0.35rem]" data-part={line.name}>
    <div
        class="grid grid-cols-[minmax(0,1.7fr)_9.5rem_9rem_minmax(0,1fr)_5.5rem_7.5rem_auto] gap-3 items-center max-desk:grid-cols-1 max-desk:justify-items-start max-desk:gap-[0.2rem]"
    >
        <label class="flex gap-2 items-baseline"
            >{#if onchoose}<input type="checkbox" checked={chosen} onchange={onchoose} />{/if}<span
                ><b class="font-[550]">{line.name}</b>
                <span class="quiet">{amount(line.quantity, line.unit)}</span></span
            ></label
        >
        <a class="plain" use:inertia href={route('builds.show', line.build) + '#kit'}>{line.build} · {line.title}</a>
        <span class="quiet">{line.supplier}</span>
        <span class={line.overdue ? 'late' : ''}>
            {line.expectedOn
                ? `${line.overdue ? 'overdue since ' : ''}${calendarDay(line.expectedOn)}`
                : `${line.usualDays} days from the order`}
            {#if line.likely}<span class="quiet small block">{line.likely}</span>{/if}
            {#if line.orderBy}<span class={['small block', line.orderBy < dateOf(shopClock.now) ? 'late' : 'quiet']}
                    >{line.orderBy < dateOf(shopClock.now)
                        ? 'late for its work already'
                        : `order by ${calendarDay(line.orderBy)}`}</span
                >{/if}
        </span>
        <span class="figure">{line.cost ?? ''}</span>
        {#if manager}
            <button class="word small" type="button" aria-expanded={open} onclick={() => (open = !open)}
                >{line.expectedOn ? 'change the order' : 'order'}</button
            >
        {:else}
            <span></span>
        {/if}
        <button
            class="act"
            type="button"
            disabled={act.busy}
            onclick={() => act.post(route('kit.arrival', line.id), { version: line.version })}>Mark as arrived</button
        >
    </div>
    <ErrorLine text={act.other('expected_on', 'cost')} />
    {#if open}
        <div
            class="forms grid grid-cols-[10rem_10rem_auto] gap-3 items-start max-desk:grid-cols-1 max-desk:justify-items-start max-desk:gap-[0.2rem]"
        >
            <Field
                name="expected_on"
                label="Expected on"
                type="date"
                bind:value={expectedOn}
                error={act.errors.expected_on}
            />
            <Field name="cost" label="Cost of the line" bind:value={cost} error={act.errors.cost} />
            <button class="act" type="button" disabled={act.busy} onclick={order}
                >{line.expectedOn ? 'Change the order' : 'Mark as ordered'}</button
            >
        </div>
    {/if}
</li>

<style>
    .forms .act {
        margin-top: 1.25rem;
        justify-self: start;
    }
</style>
