<script lang="ts">
    import type { ComponentProps } from 'svelte';
    import Track from '@/components/horizon/Track.svelte';
    import type { Row } from '@/components/horizon/rows';

    interface Props {
        row: Row;
        track: Omit<ComponentProps<typeof Track>, 'id' | 'label' | 'items' | 'off' | 'holds'>;
        holds: boolean;
        today: number;
    }

    const { row, track, holds, today }: Props = $props();
</script>

<li class="thin">
    <span class="who one"><b>{row.name}</b> <span class="small quiet">{row.words}</span></span>
    <div class="strip" style:--today="{today}px">
        <Track
            {...track}
            id={row.id}
            label={`Operations of ${row.name}`}
            items={row.items}
            {holds}
            off={row.off}
            down={row.down}
        />
    </div>
    <div class="slack small quiet">{row.items.filter((item) => item.state !== 'done').length} to come</div>
</li>

<style>
    li {
        display: grid;
        grid-template-columns: 17.5rem minmax(0, 1fr) 11.2rem;
        column-gap: 0.75rem;
        border-bottom: 1px solid var(--rule);
        align-items: center;
        min-height: 2.6rem;
        content-visibility: auto;
        contain-intrinsic-size: auto 2.6rem;
    }

    .who {
        line-height: 1.2;
    }

    .who b {
        font-family: var(--heading);
        font-weight: 650;
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

    .slack {
        text-align: right;
        line-height: 1.2;
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
