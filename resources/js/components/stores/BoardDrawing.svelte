<!-- A board from above, grain along it, with what is cut around. Pressed at two corners it says where a mark is to be. -->
<script lang="ts">
    import type { DefectLine } from '@/lib/props';

    interface Props {
        length: number;
        width: number;
        colour: string;
        defects: DefectLine[];
        words: string;
        onmark?: (from: number, across: number, long: number, wide: number) => void;
    }

    const { length, width, colour, defects, words, onmark }: Props = $props();

    let began = $state<{ x: number; y: number } | null>(null);
    let now = $state<{ x: number; y: number } | null>(null);

    const box = $derived(
        began && now
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
        if (box && box.w >= 1 && box.h >= 1) {
            onmark?.(box.x, box.y, box.w, box.h);
        }
        began = now = null;
    }
</script>

<svg
    viewBox={`0 0 ${length} ${width}`}
    role="img"
    aria-label={words}
    class="block w-full touch-none"
    onpointerdown={(event) => {
        if (onmark) {
            began = now = at(event);
            event.currentTarget.setPointerCapture(event.pointerId);
        }
    }}
    onpointermove={(event) => {
        if (began) now = at(event);
    }}
    onpointerup={ended}
    onpointercancel={() => (began = now = null)}
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
    {#if box}<rect x={box.x} y={box.y} width={box.w} height={box.h} class="drawn" />{/if}
</svg>

<style>
    .grain {
        fill: none;
        stroke: #000;
        stroke-opacity: 0.12;
        stroke-width: 1;
        vector-effect: non-scaling-stroke;
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
