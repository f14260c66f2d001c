<!-- Parts that are ordered together, or arrive with one parcel. -->
<script lang="ts">
    import { untrack } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import PartRow from '@/components/house/PartRow.svelte';
    import { Act } from '@/lib/act.svelte';
    import { shopClock } from '@/lib/now.svelte';
    import { dateOf } from '@/lib/time';
    import { route } from '@/lib/address';
    import type { PartLine } from '@/lib/props';

    interface Props {
        lines: PartLine[];
        manager: boolean;
        /** Whether they are to be ordered; else they are on their way. */
        toOrder: boolean;
        empty: string;
    }

    const { lines, manager, toOrder, empty }: Props = $props();

    const act = new Act();
    let chosen = $state<number[]>([]);
    let expectedOn = $state(untrack(() => dateOf(shopClock.now)));
    const there = $derived(lines.filter((line) => chosen.includes(line.id)));
    const can = $derived(manager || !toOrder);

    function choose(ids: number[]): void {
        chosen = ids;
        const days = Math.max(0, ...lines.filter((line) => ids.includes(line.id)).map((line) => line.usualDays));
        expectedOn = dateOf(new Date(shopClock.now.getTime() + days * 86_400_000));
    }

    function send(): void {
        const said = Object.fromEntries(there.map((line) => [line.id, String(line.version)]));
        act.post(
            route(toOrder ? 'parts.orders' : 'parts.parcel'),
            toOrder ? { lines: said, expected_on: expectedOn } : { lines: said },
            () => (chosen = []),
        );
    }

    /** Everything of the supplier of the first one that is chosen. */
    function whole(): void {
        choose(lines.filter((line) => line.supplier === there[0]?.supplier).map((line) => line.id));
    }
</script>

<ul>
    {#each lines as line (line.id)}<PartRow
            {line}
            {manager}
            chosen={chosen.includes(line.id)}
            {...can
                ? {
                      onchoose: () =>
                          choose(
                              chosen.includes(line.id) ? chosen.filter((one) => one !== line.id) : [...chosen, line.id],
                          ),
                  }
                : {}}
        />{:else}<li class="quiet">{empty}</li>{/each}
</ul>
{#if there.length > 0}
    <div class="flex flex-wrap gap-3 items-end border-t border-t-rule py-3 sticky bottom-[4.5rem] bg-paper" data-chosen>
        <span class="self-center">{there.length} chosen</span>
        <button class="act" type="button" onclick={whole}
            >All from {there[0]?.supplier ? there[0].supplier : 'no supplier'}</button
        >
        {#if toOrder}
            <div class="w-44">
                <Field
                    name="expected_on"
                    label="Expected on"
                    type="date"
                    bind:value={expectedOn}
                    error={act.errors.expected_on}
                />
            </div>
        {/if}
        <button class="do" type="button" disabled={act.busy} onclick={send}
            >{toOrder ? 'They are ordered' : 'They have arrived'}</button
        >
    </div>
    <ErrorLine text={act.other('expected_on')} />
{/if}
