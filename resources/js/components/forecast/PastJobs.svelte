<!-- Past jobs of an operation, the oldest first: how long each took for what was estimated. -->
<script lang="ts">
    const { ratios }: { ratios: number[] } = $props();

    const HIGH = 26;
    const STEP = 4;
    const most = $derived(Math.max(2, ...ratios));
    const y = (ratio: number): number => HIGH - 3 - ((HIGH - 6) * ratio) / most;
    const wide = $derived(STEP * ratios.length + 6);
</script>

<svg
    class="inline-block align-middle"
    width={wide}
    height={HIGH}
    role="img"
    aria-label={`${ratios.length} past jobs, between ${Math.min(...ratios).toFixed(2)} and ${Math.max(...ratios).toFixed(2)} times what was estimated`}
>
    <path d={`M0 ${y(1)}H${wide}`} />
    {#each ratios as ratio, index (index)}<circle cx={3 + STEP * index} cy={y(ratio)} r="1.6" />{/each}
</svg>

<style>
    path {
        stroke: var(--quiet);
        stroke-dasharray: 2 2;
    }

    circle {
        fill: var(--ink);
    }
</style>
