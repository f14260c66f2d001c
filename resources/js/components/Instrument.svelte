<script lang="ts">
    import type { Drawing, Inked, Shape } from '@/lib/props';

    interface Props {
        drawing: Drawing;
        /** Which share of the work on each piece is done: pieces fill with their timber as they get made. */
        inked?: Inked;
        words: string;
        strings?: boolean;
        dimensions?: boolean;
    }

    const {
        drawing,
        inked = { neck: 1, fretboard: 1, body: 1 },
        words,
        strings = false,
        dimensions = false,
    }: Props = $props();

    /** Pixels that letters have at the least, however small the drawing is shown. */
    const LEAST = 12;

    let shown = $state<DOMRectReadOnly>();
    /** Pixels of a unit of the drawing. */
    const scale = $derived(
        shown ? Math.min(shown.width / (drawing.box[2] ?? 1), shown.height / (drawing.box[3] ?? 1)) : 0,
    );
    const lettering = (size: number): number => (scale > 0 ? Math.max(size, LEAST / scale) : size);

    const shapes = $derived(
        drawing.shapes.filter(
            (shape) =>
                (dimensions || shape.style !== 'dimension') &&
                (shape.part !== 'strings' || strings) &&
                (shape.part !== 'electronics' || strings || inked.body >= 1),
        ),
    );

    /** A letter's width in the figures' face, as a share of its height. */
    const LETTER = 0.61;

    /** Where each label stands: below the ones it would lie on. */
    const places = $derived.by((): number[] => {
        const taken: { left: number; right: number; top: number; bottom: number }[] = [];
        return shapes.map((shape) => {
            if (shape.words === undefined) {
                return shape.y ?? 0;
            }
            const size = lettering(shape.size ?? LEAST);
            const wide = (shape.words?.length ?? 0) * size * LETTER;
            const left = (shape.x ?? 0) - (shape.anchor === 'middle' ? wide / 2 : shape.anchor === 'end' ? wide : 0);
            let line = shape.y ?? 0;
            const lies = (): boolean =>
                taken.some(
                    (one) =>
                        left < one.right && left + wide > one.left && line - 0.8 * size < one.bottom && line > one.top,
                );
            for (let tries = 0; tries < 4 && lies(); tries++) {
                line += 1.1 * size;
            }
            taken.push({ left, right: left + wide, top: line - 0.8 * size, bottom: line + 0.1 * size });
            return line;
        });
    });

    const NAMED: Record<string, string> = { paper: 'var(--paper)', ink: 'var(--ink)', rust: 'var(--rust)' };

    function share(shape: Shape): number {
        return shape.part === 'neck' || shape.part === 'fretboard' || shape.part === 'body' ? inked[shape.part] : 1;
    }

    /** A piece that is not begun is paper, so that it still covers what is behind it. */
    function fill(shape: Shape): string {
        const colour = shape.fill ?? 'none';
        return share(shape) <= 0 && colour !== 'none' ? 'var(--paper)' : (NAMED[colour] ?? colour);
    }

    const depth = (shape: Shape): number => (share(shape) <= 0 ? 1 : 0.25 + 0.75 * share(shape));
</script>

<svg
    bind:contentRect={shown}
    class="block w-full h-[100%] overflow-visible"
    viewBox={drawing.box.join(' ')}
    role="img"
    aria-label={words}
    preserveAspectRatio="xMidYMid meet"
>
    {#each shapes as shape, index (index)}
        {#if shape.words !== undefined}
            <text
                class={`as-${shape.style}`}
                style:fill={shape.fill}
                x={shape.x}
                y={places[index]}
                font-size={lettering(shape.size ?? LEAST)}
                text-anchor={shape.anchor}>{shape.words}</text
            >
        {:else if shape.r !== undefined}
            <circle class={`as-${shape.style}`} cx={shape.x} cy={shape.y} r={shape.r} fill={fill(shape)} />
        {:else}
            <path
                class={[`as-${shape.style}`, share(shape) <= 0 && 'bare']}
                d={shape.d}
                fill={fill(shape)}
                fill-opacity={depth(shape)}
            />
        {/if}
    {/each}
</svg>

<style>
    path,
    circle {
        stroke: var(--ink);
        stroke-width: 1.2px;
        stroke-linejoin: round;
        vector-effect: non-scaling-stroke;
    }

    .as-thin,
    .as-string,
    .as-dimension {
        stroke-width: 0.7px;
    }

    .as-plain {
        stroke: none;
    }

    .as-hidden {
        stroke: var(--quiet);
        stroke-width: 1px;
        stroke-dasharray: 4 3;
        fill-opacity: 0.5;
    }

    .as-fret {
        stroke: light-dark(#f8f5ed, #ece6d8);
        stroke-width: 0.6px;
    }

    .as-fret.bare {
        stroke: var(--ink);
    }

    .as-solid {
        stroke-width: 3px;
    }

    .as-warn {
        stroke: var(--rust);
        stroke-width: 3px;
    }

    .as-dimension {
        stroke: var(--quiet);
    }

    text {
        font-family: var(--mono);
        font-weight: 500;
        fill: var(--ink);
        stroke: none;
    }

    text.as-label {
        font-family: inherit;
        fill: var(--quiet);
        font-weight: 400;
    }

    text.as-warn {
        fill: var(--rust);
        stroke: none;
    }

    text.as-dimension {
        stroke: none;
    }
</style>
