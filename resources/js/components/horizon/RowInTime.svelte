<!-- One row of the horizon: whose it is, what lies in time with today across it, and how it stands. -->
<script lang="ts">
    import type { Snippet } from 'svelte';

    interface Props {
        /** Where today is, in pixels. */
        today: number;
        /** The least height; what is not in sight is not drawn. */
        height: string;
        who: Snippet;
        children: Snippet;
        standing: Snippet;
    }

    const { today, height, who, children, standing }: Props = $props();
</script>

<li style:--height={height}>
    {@render who()}
    <div class="strip" style:--today="{today}px">{@render children()}</div>
    {@render standing()}
</li>

<style>
    li {
        display: grid;
        grid-template-columns: 17.5rem minmax(0, 1fr) 11.2rem;
        column-gap: 0.75rem;
        border-bottom: 1px solid var(--rule);
        align-items: center;
        min-height: var(--height);
        content-visibility: auto;
        contain-intrinsic-size: auto var(--height);
    }

    li :global(.who) {
        line-height: 1.2;
    }

    li :global(.who b) {
        font-family: var(--heading);
        font-weight: 650;
    }

    li :global(.slack) {
        text-align: right;
        line-height: 1.2;
    }

    .strip {
        position: relative;
    }

    .strip::after {
        content: '';
        position: absolute;
        top: 0;
        bottom: -1px;
        left: var(--today);
        border-left: 2px solid var(--accent);
        pointer-events: none;
    }

    @media (width < 60rem) {
        li {
            grid-template-columns: minmax(0, 1fr) auto;
            padding-top: 0.5rem;
        }

        .strip {
            grid-row: 2;
            grid-column: 1 / -1;
        }
    }
</style>
