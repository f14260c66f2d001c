<script lang="ts">
    import type { RouteTotals } from '@/lib/props';

    const { totals }: { totals: RouteTotals } = $props();

    const spent = $derived(
        totals.spent === null
            ? []
            : [
                  { words: 'labour, with its nights', days: totals.spent.labour, shape: 'solid' },
                  { words: 'holds', days: totals.spent.holds, shape: 'hatched' },
                  { words: 'waiting for parts', days: totals.spent.parts, shape: 'open' },
                  { words: 'nobody works', days: totals.spent.closed, shape: 'none' },
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
            <div style={`flex: ${one.days / all} 1 0`} class="part">
                <i class={one.shape}></i><span class="small"><b class="figure">{one.days}</b> {one.words}</span>
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

    .part {
        min-width: 4.5rem;
    }

    .part i {
        display: block;
        height: 0.8rem;
        margin-bottom: 0.15rem;
    }

    .part .solid {
        background: var(--labour);
    }

    .part .hatched {
        border: 1px solid var(--labour);
        background: repeating-linear-gradient(-45deg, var(--labour) 0 1px, transparent 1px 4px);
    }

    .part .open {
        border: 1px dashed var(--labour);
    }

    .part .none {
        border-bottom: 1px solid var(--rule);
    }

    @media (width < 60rem) {
        .days {
            flex-wrap: wrap;
        }
    }
</style>
