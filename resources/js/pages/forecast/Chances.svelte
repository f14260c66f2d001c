<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import Standing from '@/components/forecast/Standing.svelte';
    import { asking } from '@/components/forecast/asking.svelte';
    import PlanPages from '@/components/plan/PlanPages.svelte';
    import { route } from '@/lib/address';
    import { percent, tone } from '@/components/forecast/chance';
    import { calendarDay } from '@/lib/time';
    import type { ShopChancesProps } from '@/lib/props';

    const props: ShopChancesProps = $props();
    const act = asking(() => props.standing);
    const day = (date: string | null): string => (date === null ? '–' : calendarDay(date));
    const month = (name: string): string =>
        new Intl.DateTimeFormat('en-GB', { month: 'long', year: 'numeric', timeZone: 'UTC' }).format(
            new Date(`${name}-15T00:00:00Z`),
        );
    /** Until the last month that brings anything. */
    const months = $derived(
        props.months.filter(
            (_, index) => index === 0 || props.months.slice(index).some((one) => (one.hours[2] ?? 0) > 0),
        ),
    );
    const most = $derived(Math.max(1, ...props.months.map((one) => one.hours[2] ?? 0)));
</script>

<svelte:head><title>Chances · Regimen</title></svelte:head>

<PlanPages />
<h1>{props.headline}</h1>
<p class="quiet">{props.under} <Standing standing={props.standing} madeAt={props.madeAt} {act} /></p>

<div class="overflow-x-auto">
    <table class="mt-4 w-full">
        <thead>
            <tr>
                <th>Build</th><th>Promised</th><th class="text-right">Holds</th><th>50 %</th><th>80 %</th><th>95 %</th
                ><th>Hangs most on</th>
            </tr>
        </thead>
        <tbody>
            {#each props.builds as one (one.number)}
                <tr data-build={one.number}>
                    <td
                        ><a class="target" use:inertia href={route('builds.chance', one.number)}
                            >{one.number} {one.title}</a
                        ></td
                    >
                    <td class="whitespace-nowrap">{one.promisedOn === null ? '–' : calendarDay(one.promisedOn)}</td>
                    <td class={['figure text-right whitespace-nowrap', tone(one.percent, props.wanted)]}
                        >{one.percent === null ? '–' : percent(one.percent)}</td
                    >
                    <td class="whitespace-nowrap">{day(one.by50)}</td>
                    <td class="whitespace-nowrap">{day(one.by80)}</td>
                    <td class="whitespace-nowrap">{day(one.by95)}</td>
                    <td class="small quiet">{one.hangs}</td>
                </tr>
            {:else}
                <tr><td colspan="7" class="quiet">Open builds stand here with their dates.</td></tr>
            {/each}
        </tbody>
    </table>
</div>

<div class="mt-6 grid grid-cols-2 gap-8 max-desk:grid-cols-1">
    <section aria-labelledby="months">
        <h2 id="months" class="border-t-2 border-t-ink pt-2">Hours and money to come</h2>
        <div class="overflow-x-auto">
            <table class="w-full">
                <thead
                    ><tr
                        ><th>Month</th><th class="text-right">Hours</th><th></th><th class="text-right"
                            >Balances, {props.currency}</th
                        ></tr
                    ></thead
                >
                <tbody>
                    {#each months as one (one.month)}
                        <tr>
                            <td class="whitespace-nowrap">{month(one.month)}</td>
                            <td class="figure text-right whitespace-nowrap"
                                >{one.hours[1]} <span class="small quiet">{one.hours[0]}–{one.hours[2]}</span></td
                            >
                            <td>
                                <svg class="in-time" width="120" height="12" aria-hidden="true">
                                    <rect
                                        class="labour"
                                        x="0"
                                        y="1"
                                        width={(118 * (one.hours[0] ?? 0)) / most}
                                        height="10"
                                    />
                                    <rect
                                        class="unsure"
                                        x={(118 * (one.hours[0] ?? 0)) / most}
                                        y="1"
                                        width={(118 * ((one.hours[2] ?? 0) - (one.hours[0] ?? 0))) / most}
                                        height="10"
                                    />
                                </svg>
                            </td>
                            <td class="figure text-right whitespace-nowrap"
                                >{one.money[1]} <span class="small quiet">{one.money[0]}–{one.money[2]}</span></td
                            >
                        </tr>
                    {/each}
                </tbody>
            </table>
        </div>
        <p class="small quiet">
            the middle, and between what one and what nine of ten runs stay under; balances fall due when an instrument
            is handed over, and what is not commissioned yet is not in it
        </p>
    </section>
    <section aria-labelledby="slot">
        <h2 id="slot" class="border-t-2 border-t-ink pt-2">The next free slot</h2>
        <p>{props.slot || 'It is worked out with the chances.'}</p>
        <h2 class="mt-4 border-t-2 border-t-ink pt-2">What it is learned from</h2>
        <p>{props.learned}</p>
        <p><a class="target" use:inertia href={route('forecasts')}>How good are our forecasts</a></p>
    </section>
</div>

<style>
    .unsure {
        fill: color-mix(in srgb, var(--labour) 35%, var(--paper));
    }
</style>
