<script lang="ts">
    import type { ScaleTime } from 'd3-scale';
    import Flag from '@/components/Flag.svelte';
    import { moment } from '@/lib/time';
    import type { HorizonBuild, Mark } from '@/lib/props';

    interface Props {
        build: HorizonBuild;
        scale: ScaleTime<number, number>;
        width: number;
        /** Stretches of days on which the shop does not work. */
        free: [string, string][];
    }

    const { build, scale, width, free }: Props = $props();

    const HEIGHT = 64;
    const MIDDLE = 34;

    const promise = $derived(build.promiseAt ? scale(new Date(build.promiseAt)) : null);
    const finish = $derived(build.finish ? scale(new Date(build.finish)) : null);
    const tone = $derived(build.verdict === 'late' ? 'late' : build.verdict === 'risk' ? 'tight' : '');

    function place(mark: Mark): { x: number; y: number; width: number; height: number } {
        const x = Math.max(0, scale(new Date(mark.from)));
        const end = Math.min(width, scale(new Date(mark.to)));
        return {
            x,
            y: MIDDLE - 12 + (mark.ply ?? 0) * 8.5,
            width: Math.max(0, end - x),
            height: mark.ply === null ? 24 : 7,
        };
    }
</script>

<svg
    class="in-time"
    {width}
    height={HEIGHT}
    role="img"
    aria-label={`No. ${build.number} ${build.title} in time: ${build.slackWords}`}
>
    {#each free as [from, to] (from)}
        <rect
            class="free"
            x={scale(new Date(from))}
            width={scale(new Date(to)) - scale(new Date(from))}
            y="0"
            height={HEIGHT}
        />
    {/each}
    {#each build.strip as mark, index (index)}
        {@const at = place(mark)}
        {#if mark.kind === 'gate'}
            {#if at.x > 0}
                <circle class={['gate', mark.done && 'done']} cx={at.x - 6} cy={MIDDLE} r="5"
                    ><title>{mark.words}</title></circle
                >
            {/if}
        {:else if at.width > 0}
            <rect class={[mark.kind, mark.done && 'done']} {...at} width={Math.max(1.5, at.width)}>
                <title>{mark.words}: {moment(mark.from)} – {moment(mark.to)}</title>
            </rect>
        {/if}
    {/each}
    {#if promise !== null && promise <= width + 12}
        <Flag x={promise} top={12} bottom={52} {tone} words={`promised for ${build.promisedOn}`} />
        {#if build.verdict === 'late' && finish !== null}
            <path class="over" d={`M${promise} 52 H${Math.min(width, finish)}`} />
        {/if}
    {/if}
</svg>

<style>
    svg {
        display: block;
    }

    .free {
        fill: var(--shade);
    }

    .over {
        stroke: var(--rust);
        stroke-width: 2;
    }
</style>
