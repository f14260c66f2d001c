<script lang="ts">
    import type { Drawing, Inked } from '@/lib/types';

    interface Props {
        drawing: Drawing;
        /** Which share of the work on each piece is done: pieces fill with their timber as they get made. */
        inked?: Inked;
        words: string;
        strings?: boolean;
    }

    const { drawing, inked = { neck: 1, fretboard: 1, body: 1 }, words, strings = false }: Props = $props();

    const box = $derived(drawing.viewBox.join(' '));
    const filled = (share: number): number => (share <= 0 ? 0 : 0.25 + 0.75 * share);
</script>

<svg viewBox={box} role="img" aria-label={words} preserveAspectRatio="xMidYMid meet">
    <path class="line" d={drawing.body} fill={drawing.colours.body} fill-opacity={filled(inked.body)} />
    <path
        class="line"
        d={drawing.neck}
        fill={inked.neck > 0 ? drawing.colours.neck : 'var(--paper)'}
        fill-opacity={inked.neck > 0 ? filled(inked.neck) : 1}
    />
    <path
        class="line thin"
        d={drawing.board}
        fill={inked.fretboard > 0 ? drawing.colours.board : 'var(--paper)'}
        fill-opacity={inked.fretboard > 0 ? filled(inked.fretboard) : 1}
    />
    {#each drawing.frets as [x, half] (x)}
        <line class="fret" x1={x} x2={x} y1={-half} y2={half} class:onpaper={inked.fretboard <= 0} />
    {/each}
    {#if strings || inked.body >= 1}
        {#each drawing.pickups as [x, y, width, height] (x)}
            <rect class="pickup" {x} {y} {width} {height} rx="3" />
        {/each}
        <rect class="bridge" x={drawing.bridge[0]} y={drawing.bridge[1]} width={drawing.bridge[2]} height={drawing.bridge[3]} />
    {/if}
    {#if strings}
        {#each drawing.strings as [x1, y1, x2, y2], index (index)}
            <line class="string" {x1} {y1} {x2} {y2} />
            <circle class="post" cx={x1} cy={y1} r="4" />
        {/each}
    {/if}
</svg>

<style>
    svg {
        display: block;
        width: 100%;
        height: 100%;
    }

    .line {
        stroke: var(--ink);
        stroke-width: 1.2px;
        vector-effect: non-scaling-stroke;
    }

    .thin {
        stroke-width: 0.8px;
    }

    .fret {
        stroke: light-dark(#f8f5ed, #ece6d8);
        stroke-width: 0.5px;
        vector-effect: non-scaling-stroke;
    }

    .fret.onpaper {
        stroke: var(--ink);
    }

    .pickup {
        fill: var(--paper);
        stroke: var(--ink);
        stroke-width: 0.8px;
        vector-effect: non-scaling-stroke;
    }

    .bridge {
        fill: var(--ink);
    }

    .string {
        stroke: var(--ink);
        stroke-width: 0.5px;
        vector-effect: non-scaling-stroke;
    }

    .post {
        fill: var(--paper);
        stroke: var(--ink);
        stroke-width: 0.8px;
        vector-effect: non-scaling-stroke;
    }
</style>
