<!-- A few things on a line of days, in the five marks: each with its name, under one another. -->
<script lang="ts" module>
    import type { MarkKind } from '@/lib/props';

    export interface DayMark {
        kind: MarkKind | 'promise';
        /** YYYY-MM-DD */
        from: string;
        /** The day on which it is over; without one it takes its first day. */
        to?: string;
        tone?: string;
        words: string;
    }

    export interface DayRow {
        key: string | number;
        name: string;
        marks: DayMark[];
    }
</script>

<script lang="ts">
    import Mark from '@/components/Mark.svelte';
    import { Axis } from '@/lib/axis';
    import { calendarDay, shortDay } from '@/lib/time';

    interface Props {
        rows: DayRow[];
        words: string;
        /** The day on which a rule stands through all rows. */
        today?: string;
    }

    const { rows, words, today }: Props = $props();

    const BAR = 22;
    const NAME = 20;
    const ROOM = 56;
    /** Where there is less room, names stand above what they name. */
    const NARROW = 560;
    const DAY = 86_400_000;

    let whole = $state(0);
    let wide = $state(0);
    const narrow = $derived(whole > 0 && whole < NARROW);
    const high = $derived(narrow ? BAR + NAME : BAR);
    /** Where the bar of a row begins. */
    const top = (index: number): number => index * high + (narrow ? NAME : 0);

    const at = (day: string): number => Date.parse(`${day}T00:00:00Z`) / DAY;
    const end = (mark: DayMark): number => (mark.to === undefined ? at(mark.from) + 1 : at(mark.to));
    const days = $derived([
        ...rows.flatMap((row) => row.marks.flatMap((mark) => [at(mark.from), end(mark)])),
        ...(today ? [at(today)] : []),
    ]);
    const from = $derived(Math.min(...days));
    const to = $derived(Math.max(...days, from + 7));
    const axis = $derived(new Axis(from, to, 8, Math.max(9, wide - 16)));
    /** Mondays, as many as have room beside each other. */
    const weeks = $derived.by((): number[] => {
        const first = from + ((11 - (from % 7)) % 7);
        const all = Array.from({ length: Math.max(0, Math.ceil((to - first) / 7)) }, (_, index) => first + index * 7);
        const every = Math.max(1, Math.ceil(ROOM / Math.max(1, axis.x(from + 7) - axis.x(from))));
        return all.filter((week, index) => index % every === 0 && axis.x(week) < wide - ROOM);
    });
    const height = $derived(rows.length * high);
</script>

<div
    class={['grid gap-x-4 my-[0.6rem]', narrow ? 'grid-cols-1' : 'grid-cols-[fit-content(22rem)_minmax(0,1fr)]']}
    role="img"
    aria-label={words}
    bind:clientWidth={whole}
>
    {#if !narrow}
        <ul class="text-[0.85rem] whitespace-nowrap" aria-hidden="true">
            {#each rows as row (row.key)}<li style:height={`${BAR}px`}>{row.name}</li>{/each}
        </ul>
    {/if}
    <div class="min-w-0" bind:clientWidth={wide} aria-hidden="true">
        {#if wide > 0}
            <svg class="in-time block" width={wide} height={height + 18}>
                {#each weeks as week (week)}
                    <path class="stroke-rule" d={`M${axis.x(week)} 0V${height}`} />
                    <text class="figure text-[0.75rem] fill-quiet" x={axis.x(week) + 3} y={height + 14}
                        >{shortDay(new Date(week * DAY))}</text
                    >
                {/each}
                {#if today}
                    <path class="stroke-accent [stroke-width:1.5]" d={`M${axis.x(at(today))} 0V${height}`}>
                        <title>today, {calendarDay(today)}</title>
                    </path>
                {/if}
                {#each rows as row, index (row.key)}
                    {#if narrow}<text
                            class="text-[0.8rem] fill-ink [paint-order:stroke] stroke-paper [stroke-width:4px]"
                            x="0"
                            y={index * high + 15}>{row.name}</text
                        >{/if}
                    {#each row.marks as mark, place (place)}
                        {@const x = axis.x(at(mark.from))}
                        {#if mark.kind === 'gate'}
                            <Mark kind="gate" at={{ x, y: top(index) + BAR / 2 }} words={mark.words} />
                        {:else if mark.kind === 'promise'}
                            <Mark
                                kind="promise"
                                at={{ x, y: top(index) + 2, height: BAR - 4 }}
                                tone={mark.tone}
                                words={mark.words}
                            />
                        {:else}
                            <Mark
                                kind={mark.kind}
                                at={{
                                    x,
                                    y: top(index) + 5,
                                    width: axis.x(end(mark)) - x,
                                    height: BAR - 10,
                                }}
                                words={mark.words}
                            />
                        {/if}
                    {/each}
                {/each}
            </svg>
        {/if}
    </div>
</div>
