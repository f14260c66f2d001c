<!-- Hours in time: planned as its first plan had it, earned and worked until today, and what it comes to with its band. -->
<script lang="ts">
    import Mark from '@/components/Mark.svelte';
    import { Axis } from '@/lib/axis';
    import { calendarDay, shortDay } from '@/lib/time';
    import type { ProgressProps } from '@/lib/props';

    const { progress, words }: { progress: ProgressProps; words: string } = $props();

    const DAY = 86_400_000;
    const HIGH = 300;
    const FLOOR = HIGH - 26;
    const LEFT = 46;
    let width = $state(0);

    const at = (date: string): number => Date.parse(`${date}T00:00:00Z`);
    const weeks = $derived(progress.weeks);
    const first = $derived(
        weeks.length === 0 ? at(progress.today) - 7 * DAY : at(weeks[0]?.end ?? progress.today) - 7 * DAY,
    );
    const last = $derived(
        Math.max(
            ...weeks.map((one) => at(one.end)),
            ...[progress.by95, progress.promisedOn].filter((one): one is string => one !== null).map(at),
            at(progress.today),
        ) +
            3 * DAY,
    );
    const most = $derived(Math.max(1, progress.high ?? 0, ...weeks.flatMap((one) => [one.planned, one.worked ?? 0])));
    const time = $derived(new Axis(first, last, LEFT, Math.max(LEFT + 100, width - 90)));
    const hours = $derived(new Axis(0, most * 1.08, FLOOR, 12));
    const now = $derived(at(progress.today));
    const when = (end: string): number => Math.min(at(end), now);

    const planned = $derived(line([[first, 0], ...weeks.map((one): [number, number] => [at(one.end), one.planned])]));
    const past = $derived(weeks.filter((one) => one.earned !== null));
    const earned = $derived(
        line([[first, 0], ...past.map((one): [number, number] => [when(one.end), one.earned ?? 0])]),
    );
    const worked = $derived(
        line([[first, 0], ...past.map((one): [number, number] => [when(one.end), one.worked ?? 0])]),
    );
    const end = $derived(past[past.length - 1]);
    const ticks = $derived(hours.ticks(5));
    const shown = $derived(
        weeks.filter(
            (_, index) => index % Math.max(1, Math.ceil((58 * weeks.length) / Math.max(1, width - LEFT - 90))) === 0,
        ),
    );

    function line(points: [number, number][]): string {
        return points
            .map(([x, y], index) => `${index === 0 ? 'M' : 'L'}${time.x(x).toFixed(1)} ${hours.x(y).toFixed(1)}`)
            .join('');
    }
</script>

<div bind:clientWidth={width}>
    {#if width > 0}
        <svg class="in-time block" {width} height={HIGH} role="img" aria-label={words}>
            {#each ticks as tick (tick)}
                <path class="stroke-rule" d={`M${LEFT} ${hours.x(tick)}H${width - 90}`} />
                <text class="figure" x={LEFT - 6} y={hours.x(tick) + 4} text-anchor="end">{tick} h</text>
            {/each}
            {#each shown as week (week.end)}
                <text class="figure" x={time.x(at(week.end))} y={HIGH - 6} text-anchor="middle"
                    >{shortDay(new Date(at(week.end) + DAY / 2))}</text
                >
            {/each}
            {#if progress.open && end && progress.by50 && progress.by95 && progress.total !== null}
                {@const from = [time.x(now), hours.x(end.worked ?? 0)]}
                <path
                    class="band"
                    d={`M${from.join(' ')}L${time.x(at(progress.by50))} ${hours.x(progress.high ?? 0)}L${time.x(at(progress.by95))} ${hours.x(progress.high ?? 0)}V${hours.x(progress.low ?? 0)}Z`}
                />
                <path
                    class="to-come"
                    d={`M${from.join(' ')}L${time.x(at(progress.by50))} ${hours.x(progress.total)}`}
                />
                <text
                    class="over"
                    x={Math.min(width - 110, time.x(at(progress.by95)) + 6)}
                    y={hours.x(progress.total) + 4}>comes to {progress.total} h</text
                >
            {/if}
            <path class="planned" d={planned} />
            <path class="earned" d={earned} />
            <path class="worked" d={worked} />
            <path class="now" d={`M${time.x(now)} 6V${FLOOR}`} />
            {#if progress.promisedOn}
                <Mark
                    kind="promise"
                    at={{ x: time.x(at(progress.promisedOn)), y: 14, height: FLOOR - 14 }}
                    words={`promised for ${calendarDay(progress.promisedOn)}`}
                />
            {/if}
        </svg>
    {/if}
</div>
<p class="small quiet flex flex-wrap gap-x-6">
    <span
        ><svg class="in-time inline-block align-middle" width="34" height="8" aria-hidden="true"
            ><path class="planned" d="M0 4H34" /></svg
        > planned, as its first plan had it</span
    >
    <span
        ><svg class="in-time inline-block align-middle" width="34" height="8" aria-hidden="true"
            ><path class="earned" d="M0 4H34" /></svg
        > earned: planned for what is done</span
    >
    <span
        ><svg class="in-time inline-block align-middle" width="34" height="8" aria-hidden="true"
            ><path class="worked" d="M0 4H34" /></svg
        > worked</span
    >
</p>

<style>
    path {
        fill: none;
    }

    .planned {
        stroke: var(--quiet);
        stroke-width: 1.5;
        stroke-dasharray: 6 4;
    }

    .earned {
        stroke: var(--ink);
        stroke-width: 4;
    }

    .worked {
        stroke: var(--ink);
        stroke-width: 1.5;
    }

    .to-come {
        stroke: var(--ink);
        stroke-width: 1.5;
        stroke-dasharray: 2 3;
    }

    .band {
        fill: color-mix(in srgb, var(--labour) 18%, var(--paper));
    }

    .now {
        stroke: var(--accent);
        stroke-width: 2;
    }

    .over {
        paint-order: stroke;
        stroke: var(--paper);
        stroke-width: 4px;
    }

    text {
        font-size: 12.5px;
        fill: var(--quiet);
    }
</style>
