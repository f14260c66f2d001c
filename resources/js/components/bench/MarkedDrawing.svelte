<script lang="ts">
    import Instrument from '@/components/Instrument.svelte';
    import type { Drawing, GateMark } from '@/lib/props';

    interface Props {
        drawing: Drawing;
        words: string;
        marks?: GateMark[];
        /** The number whose reading comes next. */
        next?: number | null;
    }

    const { drawing, words, marks = [], next = null }: Props = $props();

    const box = $derived(drawing.box as [number, number, number, number]);
    const left = (x: number): number => (100 * (x - box[0])) / box[2];
    const top = (y: number): number => (100 * (y - box[1])) / box[3];
</script>

<div class="relative w-full" style:aspect-ratio={`${box[2]} / ${box[3]}`}>
    <Instrument {drawing} {words} strings dimensions />
    {#each marks as mark (mark.number)}
        <span
            class={['mark figure', mark.verdict === 'outside' && 'outside', mark.number === next && 'next']}
            style:left="{left(mark.x)}%"
            style:top="{top(mark.y)}%"
            aria-hidden="true">{mark.number}</span
        >
    {/each}
</div>

<style>
    .mark {
        position: absolute;
        width: 1.5rem;
        height: 1.5rem;
        margin: -0.75rem 0 0 -0.75rem;
        border: 2px solid var(--ink);
        border-radius: 50%;
        background: var(--paper);
        color: var(--ink);
        font-size: 0.8rem;
        line-height: 1.25rem;
        text-align: center;
    }

    .next {
        border-color: var(--accent);
        box-shadow: 0 0 0 2px var(--accent);
    }

    .outside {
        background: var(--rust);
        border-color: var(--rust);
        color: var(--paper);
    }
</style>
