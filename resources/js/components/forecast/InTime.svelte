<!-- One build in time: its strip with an end that fades, the promise, and how often it is over on which day. -->
<script lang="ts">
    import Hatch from '@/components/Hatch.svelte';
    import Mark, { type Place } from '@/components/Mark.svelte';
    import Fade from '@/components/forecast/Fade.svelte';
    import { Axis } from '@/lib/axis';
    import { shopClock } from '@/lib/now.svelte';
    import { calendarDay, day, moment, shortDay } from '@/lib/time';
    import type { ChanceProps, Mark as DrawnMark } from '@/lib/props';

    const { chance, words }: { chance: ChanceProps; words: string } = $props();

    const DAY = 86_400_000;
    const STRIP = 52;
    const BAR = 44;
    const FLOOR = 212;
    const HIGH = 66;
    const ROOM = 62;

    let width = $state(0);
    const begin = $derived(Date.parse(chance.from));
    const end = $derived(Date.parse(chance.to));
    const axis = $derived(new Axis(begin, end, 0, Math.max(200, width)));
    const x = (at: string | number): number => axis.x(typeof at === 'number' ? at : Date.parse(at));
    const noon = (date: string): number => Date.parse(`${date}T12:00:00Z`);

    const weeks = $derived.by((): number[] => {
        const all = Array.from(
            { length: Math.round((end - begin) / (7 * DAY)) + 1 },
            (_, index) => begin + index * 7 * DAY,
        );
        const every = Math.max(1, Math.ceil(ROOM / Math.max(1, x(begin + 7 * DAY) - x(begin))));
        return all.filter((week, index) => index % every === 0 && x(week) < width - 20);
    });
    const total = $derived(
        Math.max(
            1,
            chance.days.reduce((sum, one) => sum + one.runs, 0),
        ),
    );

    /** Runs by day, each day shared with its neighbours: some hundred runs make no smooth curve by themselves. */
    const curve = $derived.by((): string => {
        if (chance.days.length === 0) {
            return '';
        }
        const runs = new Map(chance.days.map((one) => [noon(one.day) / DAY, one.runs]));
        const first = Math.min(...runs.keys());
        const last = Math.max(...runs.keys());
        const points: [number, number][] = [];
        for (let at = first - 2; at <= last + 2; at++) {
            const of = (away: number): number => runs.get(at + away) ?? 0;
            points.push([at * DAY, (of(-1) + 2 * of(0) + of(1)) / 4]);
        }
        const most = Math.max(...points.map((one) => one[1]), 1e-6);
        return (
            points
                .map(
                    ([at, high], index) =>
                        `${index === 0 ? 'M' : 'L'}${x(at).toFixed(1)} ${(FLOOR - (HIGH * high) / most).toFixed(1)}`,
                )
                .join('') + 'Z'
        );
    });
    const marks = $derived(
        [
            { date: chance.by50, words: '50 %', row: 0 },
            { date: chance.by80, words: '80 %', row: 1 },
            { date: chance.by95, words: '95 %', row: 2 },
        ].filter((one): one is { date: string; words: string; row: number } => one.date !== null),
    );
    const spread = $derived(
        chance.by50 !== null && chance.by95 !== null
            ? { from: noon(chance.by50), to: noon(chance.by95) + DAY / 2 }
            : null,
    );

    function place(mark: DrawnMark): Place & { width: number } {
        const from = Math.max(0, x(mark.from));
        return mark.kind === 'gate'
            ? { x: from - 6, y: STRIP + BAR / 2, width: 5 }
            : {
                  x: from,
                  y: STRIP + (mark.ply ?? 0) * 15,
                  width: Math.min(width, x(mark.to)) - from,
                  height: mark.ply === null ? BAR : 13,
              };
    }
</script>

<Hatch />
<Fade />
<div class="my-3" bind:clientWidth={width}>
    {#if width > 0}
        <svg class="in-time block" {width} height="262" role="img" aria-label={words}>
            {#each chance.free as [from, to] (from)}
                <rect class="free" x={x(from)} width={Math.max(0, x(to) - x(from))} y="26" height={FLOOR - 22} />
            {/each}
            {#each weeks as week (week)}
                <path class="stroke-rule" d={`M${x(week)} 4V${FLOOR + 10}`} />
                <text class="figure" x={x(week) + 5} y="17">{shortDay(new Date(week + DAY / 2))}</text>
            {/each}
            {#each chance.strip as mark, index (index)}
                {@const at = place(mark)}
                {#if at.width > 0 && at.x < width}
                    <Mark
                        kind={mark.kind}
                        state={mark.done ? 'done' : undefined}
                        {at}
                        words={mark.kind === 'gate'
                            ? mark.words
                            : `${mark.words}: ${moment(mark.from)} – ${moment(mark.to)}`}
                    />
                {/if}
            {/each}
            {#if spread}
                <rect
                    fill="url(#fade)"
                    x={x(spread.from)}
                    width={Math.max(4, x(spread.to) - x(spread.from))}
                    y={STRIP}
                    height={BAR}
                >
                    <title
                        >half of the runs are over by {calendarDay(chance.by50 ?? '')}, 95 in 100 by {calendarDay(
                            chance.by95 ?? '',
                        )}</title
                    >
                </rect>
            {/if}
            {#if curve !== ''}
                <path class="curve" d={curve} />
                <path class="stroke-ink" d={`M0 ${FLOOR}H${width}`} />
                {#each marks as mark (mark.words)}
                    {@const at = x(noon(mark.date))}
                    {@const left = at > width - 130}
                    <path class="share" d={`M${at} ${FLOOR - HIGH - 6 - mark.row * 15}V${FLOOR}`} />
                    <text
                        class="figure over"
                        x={left ? at - 4 : at + 4}
                        text-anchor={left ? 'end' : 'start'}
                        y={FLOOR - HIGH + 4 - mark.row * 15}>{mark.words}</text
                    >
                    <text
                        class="named over"
                        x={left ? at - 2 : at + 2}
                        text-anchor={left ? 'end' : 'start'}
                        y={FLOOR + 16 + mark.row * 15}>{calendarDay(mark.date)}</text
                    >
                {/each}
            {/if}
            {#if chance.promiseAt}
                <Mark
                    kind="promise"
                    at={{ x: x(chance.promiseAt), y: STRIP - 12, height: BAR + 30 }}
                    tone={chance.chance === null
                        ? ''
                        : chance.chance < 50
                          ? 'late'
                          : chance.chance < chance.wanted
                            ? 'tight'
                            : ''}
                    words={`promised for ${calendarDay(chance.promisedOn ?? '')}`}
                />
            {/if}
            <path class="now" d={`M${x(shopClock.now.getTime())} 4V${FLOOR + 10}`} />
            <text class="figure today over" x={x(shopClock.now.getTime()) + 5} y="34">today, {day(shopClock.now)}</text>
        </svg>
    {/if}
</div>
<p class="sr-only">
    {#each chance.days as one (one.day)}{calendarDay(one.day)}: {Math.round((100 * one.runs) / total)} in 100.
    {/each}
</p>

<style>
    .free {
        fill: var(--shade);
    }

    .curve {
        fill: color-mix(in srgb, var(--labour) 20%, var(--paper));
        stroke: var(--ink);
        stroke-width: 1.5;
    }

    .share {
        stroke: var(--ink);
        stroke-dasharray: 3 3;
    }

    .now {
        stroke: var(--accent);
        stroke-width: 2;
    }

    text {
        font-size: 13px;
        fill: var(--ink);
    }

    .today {
        fill: var(--accent);
    }

    .over {
        paint-order: stroke;
        stroke: var(--paper);
        stroke-width: 4px;
    }

    .named {
        fill: var(--quiet);
    }
</style>
