<!-- One piece of a cutting plan: where it lies, and what is wrong with that. -->
<script lang="ts">
    import type { Place } from '@/components/stores/cutting';
    import type { LaidLine } from '@/lib/props';

    interface Props {
        piece: LaidLine;
        place: Place;
        boards: string[];
        onmove: (to: Partial<Place>) => void;
        onleave: () => void;
    }

    const { piece, place, boards, onmove, onleave }: Props = $props();

    function moved(side: 'from' | 'across', typed: string): void {
        const value = Number(typed.replace(',', '.'));
        if (typed.trim() !== '' && Number.isFinite(value)) onmove({ [side]: value });
    }
</script>

<div class="border-t border-t-rule py-1 flex flex-wrap gap-x-3 gap-y-1 items-baseline" data-piece={piece.number}>
    <b class="grow">{piece.words}</b>
    <label class="small"
        >from the end
        <input
            class="figure"
            inputmode="decimal"
            value={String(piece.from)}
            onchange={(event) => moved('from', event.currentTarget.value)}
        /></label
    >
    <label class="small"
        >from the edge
        <input
            class="figure"
            inputmode="decimal"
            value={String(piece.across)}
            onchange={(event) => moved('across', event.currentTarget.value)}
        /></label
    >
    <label class="small"
        >lies
        <select value={piece.turn} onchange={(event) => onmove({ turn: event.currentTarget.value })}>
            <option value="along">along the grain</option>
            <option value="half">turned round</option>
            <option value="across">across the grain</option>
        </select></label
    >
    {#if boards.length > 1}
        <label class="small"
            >board
            <select
                value={String(place.board)}
                onchange={(event) => onmove({ board: Number(event.currentTarget.value) })}
            >
                {#each boards as one (one)}<option value={one}>{one}</option>{/each}
            </select></label
        >
    {/if}
    <button class="word" type="button" onclick={onleave}>leave it out</button>
    {#if piece.curved}<span class="small quiet basis-full">sawn out along its line: no straight cut frees it</span>{/if}
    {#each piece.faults as fault (fault)}<span class="small tight basis-full">{fault}</span>{/each}
</div>

<style>
    input {
        width: 5.5rem;
        min-height: 2.75rem;
        padding: 0 0.4rem;
        border: 1px solid var(--rule);
        background: var(--paper);
    }

    select {
        min-height: 2.75rem;
        min-width: 3rem;
        border: 1px solid var(--rule);
        background: var(--paper);
    }
</style>
