<script lang="ts">
    import Because from '@/components/Because.svelte';
    import type { ReadChart } from '@/lib/props';

    const { chart }: { chart: ReadChart } = $props();

    const WIDE = 260;
    const HIGH = 130;
    const lines = $derived([
        chart.low,
        chart.high,
        ...(chart.least === null ? [] : [chart.least]),
        ...(chart.most === null ? [] : [chart.most]),
    ]);
    const all = $derived([...chart.values, ...lines]);
    const least = $derived(Math.min(...all));
    const room = $derived(Math.max(1e-6, Math.max(...all) - least));
    const y = (value: number): number => HIGH - 10 - ((HIGH - 20) * (value - least)) / room;
    const x = (index: number): number =>
        chart.values.length < 2 ? WIDE / 2 : 6 + ((WIDE - 12) * index) / (chart.values.length - 1);
    const outside = (value: number): boolean =>
        (chart.least !== null && value < chart.least) || (chart.most !== null && value > chart.most);
</script>

<figure>
    <h2>{chart.title}</h2>
    <svg
        class="w-full block my-2"
        viewBox={`0 0 ${WIDE} ${HIGH}`}
        role="img"
        aria-label={`${chart.title}. ${chart.words}`}
    >
        {#each [chart.least, chart.most] as limit, index (index)}
            {#if limit !== null}
                <line class="limit" x1="0" x2={WIDE} y1={y(limit)} y2={y(limit)} />
                <text x={WIDE} y={y(limit) - 4} text-anchor="end">tolerance {limit > 0 ? '+' : ''}{limit}</text>
            {/if}
        {/each}
        <line class="mean" x1="0" x2={WIDE} y1={y(chart.mean)} y2={y(chart.mean)} />
        {#each [chart.low, chart.high] as limit, index (index)}
            <line class="process" x1="0" x2={WIDE} y1={y(limit)} y2={y(limit)} />
        {/each}
        <polyline points={chart.values.map((value, index) => `${x(index)},${y(value)}`).join(' ')} />
        {#each chart.values as value, index (index)}
            <circle
                class={outside(value) ? 'outside' : ''}
                cx={x(index)}
                cy={y(value)}
                r={index === chart.values.length - 1 ? 4 : 2.4}
            />
        {/each}
    </svg>
    <p class="small">{chart.words}</p>
    <Because text={chart.because} />
</figure>

<style>
    line,
    polyline {
        fill: none;
        stroke: var(--ink);
        stroke-width: 1;
        vector-effect: non-scaling-stroke;
    }

    .limit {
        stroke: var(--rust);
    }

    .mean {
        stroke: var(--rule);
    }

    .process {
        stroke: var(--quiet);
        stroke-dasharray: 4 3;
    }

    circle {
        fill: var(--ink);
    }

    circle.outside {
        fill: var(--rust);
    }

    text {
        font-size: 12.6px;
        fill: var(--rust);
    }
</style>
