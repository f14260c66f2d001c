<!-- The time above the rows: weeks, days or hours, and today's line. -->
<script lang="ts">
    import { shopClock } from '@/lib/now.svelte';
    import { clock, day, shortDay } from '@/lib/time';
    import type { View } from './view.svelte';

    interface Props {
        view: View;
        /** The Mondays, in minutes since the horizon begins. */
        weeks: number[];
        now: number;
        instant: (minute: number) => Date;
    }

    const { view, weeks, now, instant }: Props = $props();

    const DAY = 1440;
    const ROOM = 56;
    const TODAY = 124;

    const width = $derived(Math.max(200, view.width));
    const ticks = $derived.by((): { at: number; words: string }[] => {
        const step = view.level === 1 ? DAY : 180;
        const all =
            view.level === 0
                ? weeks.map((at) => ({ at, words: shortDay(instant(at)) }))
                : Array.from({ length: Math.floor(view.span / step) }, (_, index) => view.start + index * step).map(
                      (at) => ({
                          at,
                          words: view.level === 1 || at % DAY === 0 ? day(instant(at)).slice(0, 6) : clock(instant(at)),
                      }),
                  );
        // Only as many as have room beside each other.
        const [first, second] = all;
        const apart = first && second ? view.x(second.at) - view.x(first.at) : width;
        const every = Math.max(1, Math.ceil(ROOM / Math.max(1, apart)));
        return all.filter((_, index) => index % every === 0);
    });
</script>

<div class="axis relative h-[2.9rem] text-[0.78rem]" bind:clientWidth={view.width}>
    {#each ticks as tick (tick.at)}
        {#if view.x(tick.at) < width - ROOM}
            <span class="figure" style:left="{view.x(tick.at)}px">{tick.words}</span>
        {/if}
    {/each}
    {#if now >= view.start && now <= view.end}
        <span class="today figure" style:left="{Math.max(0, Math.min(view.x(now), width - TODAY))}px"
            >today, {day(shopClock.now)}</span
        >
    {/if}
</div>

<style>
    span {
        position: absolute;
        bottom: 0;
        padding-left: 0.3rem;
        border-left: 1px solid var(--rule);
        font-weight: 400;
        color: var(--quiet);
        white-space: nowrap;
        height: 1.4rem;
    }

    .today {
        top: 0;
        height: 1.3rem;
        padding: 0.1rem 0.4rem;
        background: var(--accent);
        color: var(--paper);
        border: 0;
        font-weight: 600;
    }
</style>
