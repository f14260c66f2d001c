<script lang="ts">
    import { inertia, usePoll } from '@inertiajs/svelte';
    import Hatch from '@/components/Hatch.svelte';
    import Mark from '@/components/Mark.svelte';
    import YearPages from '@/components/forecast/YearPages.svelte';
    import Held from '@/components/forecast/Held.svelte';
    import { Act } from '@/lib/act.svelte';
    import { Axis } from '@/lib/axis';
    import { route } from '@/lib/address';
    import { percent } from '@/components/forecast/chance';
    import { calendarDay } from '@/lib/time';
    import type { ForecastsProps, PastForecast } from '@/lib/props';

    const props: ForecastsProps = $props();
    const act = new Act();
    const poll = usePoll(2000, {}, { autoStart: false });
    $effect(() => {
        if (props.replaying) {
            poll.start();
        } else {
            poll.stop();
        }
    });

    const DAY = 86_400_000;
    const days = (date: string, since: string): number => (Date.parse(date) - Date.parse(since)) / DAY;
    /** All builds on one scale: days since they were ordered. */
    const most = $derived(
        Math.max(30, ...props.past.flatMap((one) => [days(one.to, one.given), days(one.finished, one.given)])),
    );
    const axis = $derived(new Axis(0, most, 2, 258));
    const at = (one: PastForecast, date: string): number => axis.x(days(date, one.given));
</script>

<svelte:head><title>How good are our forecasts · Regimen</title></svelte:head>

<Hatch />
<YearPages />
<h1>{props.headline}</h1>
<p class="quiet">{props.under}</p>
{#if props.open > 0}
    <p class="mt-2">
        {props.open === 1 ? 'One build that is over was' : `${props.open} builds that are over were`} not compared yet.
        {#if props.replaying}<b role="status">The past is being replayed.</b>
        {:else}
            <button class="act" type="button" disabled={act.busy} onclick={() => act.post(route('forecasts.replay'))}
                >Replay the past</button
            >
        {/if}
    </p>
{/if}

<div class="mt-4 grid grid-cols-[minmax(0,20rem)_minmax(0,1fr)_minmax(0,1fr)] gap-8 max-desk:grid-cols-1">
    <section aria-labelledby="held">
        <h2 id="held" class="border-t-2 border-t-ink pt-2">Chance and what came</h2>
        <Held
            points={props.points}
            words={`Chances that were given, and how often they held: ${props.points.map((one) => `${Math.round(100 * one.given)} % given, ${Math.round(100 * one.held)} % held, ${one.n} builds`).join('; ')}`}
        />
        <p class="small quiet">
            on the line a chance held as often as it was said; a larger dot stands for more builds
        </p>
    </section>
    <section aria-labelledby="figures">
        <h2 id="figures" class="border-t-2 border-t-ink pt-2">In figures</h2>
        <dl>
            {#each props.figures as one (one.key)}
                <div class="grid grid-cols-[1fr_auto] gap-x-4 border-t border-t-rule py-2" data-honest={one.key}>
                    <dt>{one.name}</dt>
                    <dd class={['figure whitespace-nowrap', one.isOff && 'tight']}>{one.value}</dd>
                    <dd class="small quiet col-span-2">{one.because}</dd>
                </div>
            {:else}
                <p class="quiet border-t border-t-rule py-2">There are none yet.</p>
            {/each}
        </dl>
    </section>
    <section aria-labelledby="change">
        <h2 id="change" class="border-t-2 border-t-ink pt-2">What to change</h2>
        <ul data-change>
            {#each props.change as words (words)}<li class="border-t border-t-rule py-2">{words}</li>{/each}
        </ul>
        <p class="border-t border-t-rule py-2 small">{props.drift}</p>
        <p><a class="target" use:inertia href={route('house.standards')}>House standards</a></p>
    </section>
</div>

<section class="mt-6" aria-labelledby="past">
    <h2 id="past" class="border-t-2 border-t-ink pt-2">Build by build</h2>
    {#if props.past.length > 0}
        <p class="small quiet">
            from the day it was forecast: hatched where eight in ten were to end, a rule at the middle, a ring where it
            really ended, a flag at the promise
        </p>
        <div class="overflow-x-auto">
            <table class="w-full">
                <thead
                    ><tr
                        ><th>Build</th><th>Forecast</th><th>Eight in ten between</th><th></th><th>Ended</th><th
                            class="text-right">Chance given</th
                        ><th></th></tr
                    ></thead
                >
                <tbody>
                    {#each props.past as one (one.number)}
                        <tr>
                            <td
                                ><a class="target" use:inertia href={route('builds.show', one.number)}
                                    >{one.number} {one.title}</a
                                ></td
                            >
                            <td class="whitespace-nowrap"
                                >{calendarDay(one.given)}{#if one.replayed}<span class="small quiet">, replayed</span
                                    >{/if}</td
                            >
                            <td class="whitespace-nowrap">{calendarDay(one.from)} – {calendarDay(one.to)}</td>
                            <td>
                                <svg class="in-time block" width="264" height="20" aria-hidden="true">
                                    <Mark
                                        kind="hold"
                                        at={{
                                            x: at(one, one.from),
                                            y: 4,
                                            width: Math.max(3, at(one, one.to) - at(one, one.from)),
                                            height: 12,
                                        }}
                                    />
                                    <path class="middle" d={`M${at(one, one.middle)} 2V18`} />
                                    {#if one.promisedOn}<Mark
                                            kind="promise"
                                            at={{ x: Math.min(250, at(one, one.promisedOn)), y: 1, height: 18 }}
                                        />{/if}
                                    <Mark kind="gate" at={{ x: at(one, one.finished), y: 10 }} />
                                </svg>
                            </td>
                            <td class={['whitespace-nowrap', !one.held && 'tight']}>{calendarDay(one.finished)}</td>
                            <td class="figure text-right">{one.percent === null ? '–' : percent(one.percent)}</td>
                            <td class="small quiet whitespace-nowrap">{one.held ? 'held' : 'outside'}</td>
                        </tr>
                    {/each}
                </tbody>
            </table>
        </div>
    {:else}
        <p class="quiet">Builds that are over stand here with what was forecast of them.</p>
    {/if}
</section>

<section class="mt-6" aria-labelledby="bias">
    <h2 id="bias" class="border-t-2 border-t-ink pt-2">Estimates against hours</h2>
    <div class="grid grid-cols-2 gap-8 max-desk:grid-cols-1">
        {#each props.bias as group (group.by)}
            <div class="overflow-x-auto self-start">
                <table class="w-full">
                    <thead
                        ><tr
                            ><th>By {group.by}</th><th class="text-right">Estimated</th><th class="text-right"
                                >Worked</th
                            ><th class="text-right">Ratio</th><th class="text-right">Eight in ten</th><th
                                class="text-right">Jobs</th
                            ></tr
                        ></thead
                    >
                    <tbody>
                        {#each group.lines as line (line.name)}
                            <tr>
                                <td>{line.name}</td>
                                <td class="figure text-right whitespace-nowrap">{line.estimated}</td>
                                <td class="figure text-right whitespace-nowrap">{line.worked}</td>
                                <td class={['figure text-right whitespace-nowrap', line.isOff && 'tight']}
                                    >{line.ratio}</td
                                >
                                <td class="figure text-right whitespace-nowrap">{line.spread}</td>
                                <td class="figure text-right">{line.n}</td>
                            </tr>
                        {/each}
                    </tbody>
                </table>
            </div>
        {:else}
            <p class="quiet">No operation has hours yet.</p>
        {/each}
    </div>
</section>

<section class="mt-6" aria-labelledby="between">
    <h2 id="between" class="border-t-2 border-t-ink pt-2">What comes in between</h2>
    <dl class="grid grid-cols-2 gap-x-8 max-desk:grid-cols-1">
        {#each props.between as one (one.key)}
            <div class="grid grid-cols-[1fr_auto] gap-x-4 border-t border-t-rule py-2" data-between={one.key}>
                <dt>{one.name}</dt>
                <dd class="figure whitespace-nowrap">{one.value}</dd>
                <dd class="small quiet col-span-2">{one.because}</dd>
            </div>
        {/each}
    </dl>
</section>

{#if props.outliers.length > 0}
    <section class="mt-6" aria-labelledby="outliers">
        <h2 id="outliers" class="border-t-2 border-t-ink pt-2">Kept out of what is learned</h2>
        <p class="small quiet">
            further from their like than a bad day explains; they stay recorded and are paid like all hours
        </p>
        <ul class="grid grid-cols-2 gap-x-8 max-desk:grid-cols-1">
            {#each props.outliers as one, index (index)}
                <li class="border-t border-t-rule py-1 small"><b>{one.operation}</b>, {one.where}: {one.because}</li>
            {/each}
        </ul>
    </section>
{/if}

<style>
    .middle {
        stroke: var(--ink);
        stroke-width: 2;
    }
</style>
