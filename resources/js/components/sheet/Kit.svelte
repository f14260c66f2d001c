<script lang="ts">
    import type { SheetKitLine, SheetOperation } from '@/lib/props';
    import KitInTime from '@/components/KitInTime.svelte';
    import { dateOf } from '@/lib/time';
    import KitRow from './KitRow.svelte';

    interface Props {
        kit: SheetKitLine[];
        operations: SheetOperation[];
        manager: boolean;
        open: boolean;
    }

    const { kit, operations, manager, open }: Props = $props();

    /** The first day of work that needs what is in a group. */
    function neededOn(group: string): string | null {
        const starts = operations
            .filter((one) => one.state !== 'done' && one.needs.includes(group))
            .map((one) => one.start)
            .filter((start) => start !== null)
            .sort();
        return starts[0] ? dateOf(starts[0]) : null;
    }

    const onTheirWay = $derived(
        open
            ? kit
                  .filter((line) => !line.surplus && (line.state === 'ordered' || line.state === 'needed'))
                  .map((line) => ({ ...line, neededOn: neededOn(line.group) }))
            : [],
    );

    const count = (state: string): number => kit.filter((line) => line.state === state).length;
</script>

<section class="sheet mt-6" id="kit">
    <h2>Kit</h2>
    <p class="quiet small">
        {count('needed')} needed, {count('ordered')} on order, {count('arrived')} in the shop, {count('used')} used up
    </p>
    <KitInTime lines={onTheirWay} />
    <ul>
        {#each kit as line (line.id)}
            <KitRow {line} {manager} {open} />
        {/each}
    </ul>
</section>
