<script lang="ts">
    import PlanPages from '@/components/plan/PlanPages.svelte';
    import { calendarDay, shortDay } from '@/lib/time';
    import type { LoadProps, LoadRow } from '@/lib/props';

    const { heading, weeks, rows }: LoadProps = $props();

    const HEIGHT = 40;
    const groups = [
        { kind: 'person', name: 'People' },
        { kind: 'station', name: 'Stations' },
        { kind: 'fixture', name: 'Fixtures' },
    ];

    const hours = (minutes: number): string => `${Math.round(minutes / 60)} h`;
    const high = (share: number | null): number => Math.min(1.5, share ?? 0) * (HEIGHT / 1.5);
    const said = (week: LoadRow['weeks'][number]): string =>
        `${hours(week.planned)} of ${hours(week.there)} planned; the promises need ${hours(week.needed)}`;
    /** With its year where that is another one than the week's before. */
    const named = (week: string, before = ''): string =>
        before.slice(0, 4) === week.slice(0, 4) ? shortDay(`${week}T12:00:00Z`) : calendarDay(week).slice(4);
    const quiet = (row: LoadRow): boolean => row.weeks.every((week) => week.planned === 0 && week.needed === 0);
</script>

<svelte:head><title>Load · Regimen</title></svelte:head>

<PlanPages />
<h1>{heading}</h1>
<p class="quiet">
    Solid is planned. The line is what the promises would need if everything waited as long as it may; where it is above
    the rule there is more to do than time for it.
</p>

{#each groups as group (group.kind)}
    {@const busy = rows.filter((row) => row.kind === group.kind && !quiet(row))}
    {#if busy.length > 0}
        <section class="sheet mt-4">
            <h2>{group.name}</h2>
            <div class="row axis" aria-hidden="true">
                <span></span>
                <div class="weeks" style:--count={weeks.length}>
                    {#each weeks as week, index (week)}<span class="small quiet">{named(week, weeks[index - 1])}</span
                        >{/each}
                </div>
            </div>
            {#each busy as row (row.name)}
                <div class="row" data-load={row.name}>
                    <div>
                        <b>{row.name}</b>
                        {#each row.overbooked as words (words)}<p class="small late">{words}</p>{/each}
                    </div>
                    <div
                        class="weeks"
                        style:--count={weeks.length}
                        role="img"
                        aria-label={`${row.name}: ${row.overbooked.join('; ') || 'not overbooked'}`}
                    >
                        {#each row.weeks as week, index (index)}
                            <svg class="w-full h-[40px]" viewBox={`0 0 40 ${HEIGHT}`} preserveAspectRatio="none">
                                <title>{calendarDay(weeks[index] ?? '')}: {said(week)}</title>
                                <rect
                                    class="planned"
                                    x="4"
                                    width="32"
                                    y={HEIGHT - high(week.share)}
                                    height={high(week.share)}
                                />
                                <path
                                    class="stroke-rule [stroke-width:1] [fill:none]"
                                    d={`M0 ${HEIGHT - HEIGHT / 1.5}H40`}
                                />
                                {#if week.wanted !== null && week.needed > 0}
                                    <path
                                        class={['needed', week.needed > week.there && 'over']}
                                        d={`M2 ${Math.max(1.5, HEIGHT - high(week.wanted))}H38`}
                                    />
                                {/if}
                            </svg>
                        {/each}
                    </div>
                </div>
            {/each}
        </section>
    {/if}
{/each}

<style>
    .row {
        display: grid;
        grid-template-columns: 17rem minmax(0, 1fr);
        gap: 1rem;
        border-bottom: 1px solid var(--rule);
        padding: 0.3rem 0;
        align-items: end;
    }

    .axis {
        border: 0;
        padding-bottom: 0;
    }

    .weeks {
        display: grid;
        grid-template-columns: repeat(var(--count), minmax(0, 1fr));
    }

    .planned {
        fill: var(--labour);
    }

    .needed {
        stroke: var(--ink);
        stroke-width: 2;
        fill: none;
        vector-effect: non-scaling-stroke;
    }

    .over {
        stroke: var(--rust);
        stroke-width: 3;
    }
    @media (width < 60rem) {
        .row {
            grid-template-columns: minmax(0, 1fr);
            gap: 0.2rem;
        }

        .axis .weeks span:nth-child(even) {
            visibility: hidden;
        }
    }
</style>
