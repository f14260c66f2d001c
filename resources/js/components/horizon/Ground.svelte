<!-- What lies under a row in time: hours off, what is down, and between which days the build is over. -->
<script lang="ts">
    import type { View } from './view.svelte';

    interface Props {
        view: View;
        height: number;
        off: [number, number][];
        down: [number, number][];
        /** Where an end that is not known yet fades out, and its spread in words. */
        spread: { from: number; to: number; words: string } | null;
    }

    const { view, height, off, down, spread }: Props = $props();
</script>

{#each off as [from, to] (from)}
    {#if view.sees(from, to)}
        <rect class="off" x={view.x(from)} width={Math.max(0, view.x(to) - view.x(from))} y="0" {height} />
    {/if}
{/each}
{#each down as [from, to] (from)}
    <rect class="down" x={view.x(from)} width={Math.max(2, view.x(to) - view.x(from))} y="1" height={height - 2} />
{/each}
{#if spread && view.sees(spread.from, spread.to)}
    <rect
        fill="url(#fade)"
        x={view.x(spread.from)}
        width={Math.max(3, view.x(spread.to) - view.x(spread.from))}
        y={height - 10}
        height="8"
        data-spread><title>{spread.words}</title></rect
    >
{/if}

<style>
    .off {
        fill: var(--shade);
    }

    .down {
        fill: none;
        stroke: var(--rust);
        stroke-dasharray: 4 3;
    }
</style>
