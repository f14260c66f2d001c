<script lang="ts">
    import Mark from '@/components/Mark.svelte';
    import type { RouteTotals } from '@/lib/props';

    const { totals }: { totals: RouteTotals } = $props();

    const spent = $derived(
        totals.spent === null
            ? []
            : [
                  { words: 'labour, with its nights', days: totals.spent.labour, kind: 'labour' as const },
                  { words: 'holds', days: totals.spent.holds, kind: 'hold' as const },
                  { words: 'waiting for parts', days: totals.spent.parts, kind: 'wait' as const },
                  { words: 'nobody works', days: totals.spent.closed, kind: 'idle' as const },
              ].filter((one) => one.days > 0),
    );
    const all = $derived(spent.reduce((sum, one) => sum + one.days, 0));
</script>

{#if spent.length > 0}
    <div
        class="days"
        role="img"
        aria-label={`Where the days go: ${spent.map((one) => `${one.days} days ${one.words}`).join(', ')}`}
    >
        {#each spent as one (one.words)}
            <div style={`flex: ${one.days / all} 1 0`} class="part min-w-18">
                <Mark kind={one.kind} /><span class="small"><b class="figure">{one.days}</b> {one.words}</span>
            </div>
        {/each}
    </div>
{/if}

<style>
    .days {
        display: flex;
        gap: 3px;
        margin-bottom: 1rem;
    }

    .part :global(.sign) {
        display: block;
        width: auto;
        margin-right: 0;
        height: 0.8rem;
        margin-bottom: 0.15rem;
    }
    @media (width < 60rem) {
        .days {
            flex-wrap: wrap;
        }
    }
</style>
