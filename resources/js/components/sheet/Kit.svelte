<script lang="ts">
    import type { SheetKitLine } from '@/lib/props';
    import KitRow from './KitRow.svelte';

    const { kit, manager, open }: { kit: SheetKitLine[]; manager: boolean; open: boolean } = $props();

    const count = (state: string): number => kit.filter((line) => line.state === state).length;
</script>

<section class="sheet mt-6" id="kit">
    <h2>Kit</h2>
    <p class="quiet small">
        {count('needed')} needed, {count('ordered')} on order, {count('arrived')} in the shop, {count('used')} used up
    </p>
    <ul>
        {#each kit as line (line.id)}
            <KitRow {line} {manager} {open} />
        {/each}
    </ul>
</section>
