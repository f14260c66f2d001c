<!-- Chances that were given, against how often they held: on the line they were honest. -->
<script lang="ts">
    import type { HonestPoint } from '@/lib/props';

    const { points, words }: { points: HonestPoint[]; words: string } = $props();

    const WIDE = 300;
    const HIGH = 150;
    const x = (share: number): number => 12 + (WIDE - 24) * share;
    const y = (share: number): number => HIGH - 12 - (HIGH - 40) * share;
    const most = $derived(Math.max(1, ...points.map((one) => one.n)));
</script>

<svg class="w-full block max-w-sm" viewBox={`0 0 ${WIDE} ${HIGH + 22}`} role="img" aria-label={words}>
    <path class="line" d={`M${x(0)} ${y(0)}L${x(1)} ${y(1)}`} />
    <path class="frame" d={`M${x(0)} ${y(1)}V${y(0)}H${x(1)}`} />
    <text x={x(0) + 6} y={y(1) - 4}>how often it held</text>
    <text x={x(1)} y={HIGH + 8} text-anchor="end">chance we gave</text>
    {#each points as point, index (index)}
        <circle cx={x(point.given)} cy={y(point.held)} r={3 + 5 * Math.sqrt(point.n / most)}>
            <title
                >{Math.round(100 * point.given)} % given, {Math.round(100 * point.held)} % held, {point.n} builds</title
            >
        </circle>
    {/each}
</svg>

<style>
    .line {
        stroke: var(--quiet);
        stroke-dasharray: 3 3;
    }

    .frame {
        stroke: var(--ink);
        fill: none;
    }

    circle {
        fill: var(--ink);
    }

    text {
        font-size: 13px;
        fill: var(--quiet);
    }
</style>
