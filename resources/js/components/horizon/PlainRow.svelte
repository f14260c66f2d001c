<script lang="ts">
    import type { ComponentProps } from 'svelte';
    import RowInTime from '@/components/horizon/RowInTime.svelte';
    import Track from '@/components/horizon/Track.svelte';
    import type { Row } from '@/components/horizon/rows';

    interface Props {
        row: Row;
        track: Omit<ComponentProps<typeof Track>, 'id' | 'label' | 'items' | 'off' | 'holds'>;
        holds: boolean;
        today: number;
        /** Pixels that the row may take. */
        tall: number;
    }

    const { row, track, holds, today, tall }: Props = $props();
</script>

<RowInTime {today} height={`${tall}px`}>
    {#snippet who()}<span class="who one"><b>{row.name}</b> <span class="small quiet">{row.words}</span></span
        >{/snippet}
    <Track
        {...track}
        id={row.id}
        label={`Operations of ${row.name}`}
        items={row.items}
        {holds}
        {tall}
        off={row.off}
        down={row.down}
    />
    {#snippet standing()}<div class="slack small quiet">
            {row.items.filter((item) => item.state !== 'done').length} operations ahead
        </div>{/snippet}
</RowInTime>
