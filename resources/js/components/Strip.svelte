<script lang="ts">
    import Mark, { type Place } from '@/components/Mark.svelte';
    import { moment } from '@/lib/time';
    import type { HorizonBuild, Mark as DrawnMark } from '@/lib/props';

    interface Props {
        build: HorizonBuild;
        /** Where an instant lies. */
        x: (at: string) => number;
        width: number;
        /** Stretches of days on which the shop does not work. */
        free: [string, string][];
    }

    const { build, x, width, free }: Props = $props();

    const HEIGHT = 64;
    const MIDDLE = 34;

    const promise = $derived(build.promiseAt ? x(build.promiseAt) : null);
    const finish = $derived(build.finish ? x(build.finish) : null);
    const tone = $derived(build.verdict === 'late' ? 'late' : build.verdict === 'risk' ? 'tight' : '');

    function place(mark: DrawnMark): Place & { width: number } {
        const from = Math.max(0, x(mark.from));
        if (mark.kind === 'gate') {
            return { x: from - 6, y: MIDDLE, width: 5 };
        }
        return {
            x: from,
            y: MIDDLE - 12 + (mark.ply ?? 0) * 8.5,
            width: Math.min(width, x(mark.to)) - from,
            height: mark.ply === null ? 24 : 7,
        };
    }
</script>

<svg
    class="in-time block"
    {width}
    height={HEIGHT}
    role="img"
    aria-label={`No. ${build.number} ${build.title} in time: ${build.slackWords}${build.chance ? `; ${build.chance.words}` : ''}`}
>
    {#each free as [from, to] (from)}
        <rect class="free" x={x(from)} width={x(to) - x(from)} y="0" height={HEIGHT} />
    {/each}
    {#each build.strip as mark, index (index)}
        {@const at = place(mark)}
        {#if at.x > -6 && at.width > 0}
            <Mark
                kind={mark.kind}
                state={mark.done ? 'done' : undefined}
                {at}
                words={mark.kind === 'gate' ? mark.words : `${mark.words}: ${moment(mark.from)} – ${moment(mark.to)}`}
            />
        {/if}
    {/each}
    {#if build.chance?.by95}
        {@const from = Math.max(0, x(build.chance.by50))}
        {#if from < width}
            <rect
                fill="url(#fade)"
                x={from}
                width={Math.max(3, Math.min(width, x(build.chance.by95)) - from)}
                y={MIDDLE - 12}
                height="24"
                data-spread={build.number}><title>{build.chance.words}</title></rect
            >
        {/if}
    {/if}
    {#if promise !== null && promise <= width + 12}
        <Mark kind="promise" at={{ x: promise, y: 12, height: 40 }} {tone} words={`promised for ${build.promisedOn}`} />
        {#if build.verdict === 'late' && finish !== null}
            <path class="stroke-rust [stroke-width:2]" d={`M${promise} 52 H${Math.min(width, finish)}`} />
        {/if}
    {/if}
</svg>

<style>
    .free {
        fill: var(--shade);
    }
</style>
