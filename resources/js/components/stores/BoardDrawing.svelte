<!-- A board from above, grain along it, with what is cut around. Pressed at two corners it says where a mark is to be. -->
<script lang="ts">
    import type { DefectLine, MarkedLine } from '@/lib/props';

    interface Props {
        length: number;
        width: number;
        colour: string;
        defects: DefectLine[];
        layout?: MarkedLine | null;
        words: string;
        onmark?: (from: number, across: number, long: number, wide: number) => void;
        /** A piece was taken elsewhere, in mm. */
        onmove?: (number: number, from: number, across: number) => void;
    }

    const { length, width, colour, defects, layout = null, words, onmark, onmove }: Props = $props();

    let began = $state<{ x: number; y: number } | null>(null);
    let now = $state<{ x: number; y: number } | null>(null);

    // Words keep one height on the screen, whatever the board's length; where it is drawn too small for them the page says them below it.
    let shown = $state(1200);
    const pixel = $derived(length / Math.max(1, shown));
    const hasWords = $derived(shown >= 700);

    // Dark lines on a pale timber, white ones on a dark one.
    const ink = $derived.by(() => {
        const [red = 0, green = 0, blue = 0] = [1, 3, 5].map((at) => parseInt(colour.slice(at, at + 2), 16));
        return 0.3 * red + 0.6 * green + 0.1 * blue > 140 ? '#1f1e1a' : '#ffffff';
    });

    // A piece that is held, and how far it has been taken from its place.
    let held = $state<{ number: number; x: number; y: number } | null>(null);
    const taken = $derived(
        held && now ? { number: held.number, x: now.x - held.x, y: now.y - held.y } : { number: -1, x: 0, y: 0 },
    );

    const box = $derived(
        began && now && !held
            ? {
                  x: Math.min(began.x, now.x),
                  y: Math.min(began.y, now.y),
                  w: Math.abs(now.x - began.x),
                  h: Math.abs(now.y - began.y),
              }
            : null,
    );

    function at(event: PointerEvent): { x: number; y: number } {
        const seen = (event.currentTarget as SVGSVGElement).getBoundingClientRect();
        const within = (value: number, most: number): number => Math.round(Math.min(most, Math.max(0, value)));
        return {
            x: within(((event.clientX - seen.left) / seen.width) * length, length),
            y: within(((event.clientY - seen.top) / seen.height) * width, width),
        };
    }

    function ended(): void {
        const piece = layout?.laid.find((one) => one.number === held?.number);
        if (piece && (Math.abs(taken.x) >= 1 || Math.abs(taken.y) >= 1)) {
            onmove?.(piece.number, piece.from + taken.x, piece.across + taken.y);
        }
        if (box && box.w >= 1 && box.h >= 1) {
            onmark?.(box.x, box.y, box.w, box.h);
        }
        began = now = held = null;
    }
</script>

<div bind:clientWidth={shown}>
    <svg
        viewBox={`0 0 ${length} ${width}`}
        role="img"
        aria-label={words}
        class="block w-full touch-none"
        style:--ink={ink}
        style:--veil={ink === '#ffffff' ? '#000000' : '#ffffff'}
        style:background-color={colour}
        onpointerdown={(event) => {
            if (onmark) {
                began = now = at(event);
                event.currentTarget.setPointerCapture(event.pointerId);
            }
        }}
        onpointermove={(event) => {
            if (began || held) now = at(event);
        }}
        onpointerup={ended}
        onpointercancel={() => (began = now = held = null)}
    >
        <rect x="0" y="0" width={length} height={width} fill={colour} />
        {#each Array.from({ length: 9 }, (_, line) => ((line + 1) * width) / 10) as y (y)}
            <path
                d={`M0 ${y} C ${length / 3} ${y - width / 40}, ${(2 * length) / 3} ${y + width / 40}, ${length} ${y}`}
                class="grain"
            />
        {/each}
        {#each defects as one (one.id)}
            <rect
                x={one.from}
                y={one.across}
                width={one.length}
                height={one.width}
                rx={one.kind === 'knot' ? Math.min(one.length, one.width) / 2 : 0}
                class={one.kind === 'sapwood' ? 'sap' : 'flaw'}
            />
        {/each}
        {#if layout}
            {#each [0, length - layout.trim] as x (x)}
                <rect {x} y="0" width={layout.trim} height={width} class="trim" />
            {/each}
        {/if}
        {#each layout?.laid ?? [] as one, index (index)}
            <g
                role="presentation"
                class:movable={onmove}
                transform={taken.number === one.number ? `translate(${taken.x} ${taken.y})` : undefined}
                onpointerdown={(event) => {
                    const svg = event.currentTarget.ownerSVGElement;
                    if (onmove && svg) {
                        event.stopPropagation();
                        svg.setPointerCapture(event.pointerId);
                        const seen = svg.getBoundingClientRect();
                        now = {
                            x: ((event.clientX - seen.left) / seen.width) * length,
                            y: ((event.clientY - seen.top) / seen.height) * width,
                        };
                        held = { number: one.number, ...now };
                    }
                }}
            >
                <rect
                    x={one.from}
                    y={one.across}
                    width={one.length}
                    height={one.width}
                    class={one.faults.length ? 'piece wrong' : one.line ? 'piece room' : 'piece'}
                />
                {#if one.line}<path d={one.line} class={one.faults.length ? 'piece wrong' : 'piece'} />{/if}
            </g>
            {#if hasWords && one.width > 20 * pixel && one.length > 9 * pixel * one.words.length}
                <text
                    x={one.line ? one.from + one.length / 2 : one.from + 10 * pixel}
                    y={one.line ? one.across + one.width / 2 : one.across + 16 * pixel}
                    text-anchor={one.line ? 'middle' : 'start'}
                    font-size={13 * pixel}>{one.words}</text
                >
            {/if}
        {/each}
        {#each layout?.offcuts ?? [] as one, index (index)}
            <rect x={one.from} y={one.across} width={one.length} height={one.width} class="offcut" />
        {/each}
        {#each layout?.cuts ?? [] as one, index (index)}
            <line x1={one.x1} y1={one.y1} x2={one.x2} y2={one.y2} class="cut" />
            {#if hasWords}
                <text
                    x={one.x1 === one.x2 ? one.x1 + 4 * pixel : (one.x1 + one.x2) / 2 + 20 * pixel}
                    y={one.x1 === one.x2 ? (one.y1 + one.y2) / 2 : Math.max(12 * pixel, one.y1 - 3 * pixel)}
                    font-size={12 * pixel}>{index + 1}</text
                >
            {/if}
        {/each}
        {#if box}<rect x={box.x} y={box.y} width={box.w} height={box.h} class="drawn" />{/if}
    </svg>
</div>

<style>
    .grain {
        fill: none;
        stroke: #000;
        stroke-opacity: 0.12;
        stroke-width: 1;
        vector-effect: non-scaling-stroke;
    }

    .piece {
        fill: var(--veil);
        fill-opacity: 0.2;
        stroke: var(--ink);
        stroke-width: 2;
        vector-effect: non-scaling-stroke;
    }

    .room {
        fill-opacity: 0.06;
        stroke-width: 0.5;
    }

    .wrong {
        fill: #a8391b;
        fill-opacity: 0.6;
        stroke-dasharray: 3 3;
    }

    .movable {
        cursor: grab;
    }

    .trim {
        fill: #000;
        fill-opacity: 0.25;
    }

    .offcut {
        fill: none;
        stroke: var(--ink);
        stroke-width: 1;
        stroke-dasharray: 1 4;
        vector-effect: non-scaling-stroke;
    }

    .cut {
        stroke: var(--ink);
        stroke-width: 1;
        vector-effect: non-scaling-stroke;
    }

    text {
        fill: var(--ink);
        font-weight: 700;
        user-select: none;
    }

    .flaw,
    .sap,
    .drawn {
        stroke: #fff;
        stroke-width: 2;
        stroke-dasharray: 5 4;
        vector-effect: non-scaling-stroke;
        fill: #000;
        fill-opacity: 0.45;
    }

    .sap {
        fill: #fff;
        fill-opacity: 0.35;
        stroke: #000;
    }

    .drawn {
        fill-opacity: 0.15;
    }
</style>
