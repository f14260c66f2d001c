<script lang="ts">
    import { inertia, page } from '@inertiajs/svelte';
    import { scaleTime } from 'd3-scale';
    import Hatch from '@/components/Hatch.svelte';
    import Instrument from '@/components/Instrument.svelte';
    import Marks from '@/components/Marks.svelte';
    import Strip from '@/components/Strip.svelte';
    import { Act } from '@/lib/act.svelte';
    import { shopClock } from '@/lib/now.svelte';
    import { calendarDay, day, shortDay } from '@/lib/time';
    import type { HorizonBuild, Shared } from '@/lib/types';

    interface Props {
        headline: string;
        under: string;
        from: string;
        to: string;
        /** The Mondays. */
        weeks: string[];
        /** Stretches of days on which the shop does not work. */
        free: [string, string][];
        builds: HorizonBuild[];
        offer: {
            id: number;
            at: string;
            gains: { number: number; title: string; before: string | null; after: string | null }[];
            moves: { person: string; operations: number }[];
        } | null;
    }

    const { headline, under, from, to, weeks, free, builds, offer }: Props = $props();

    const manager = $derived((page.props as unknown as Shared).viewer?.manager ?? false);
    const act = new Act();
    let room = $state(860);

    const width = $derived(Math.max(200, room));
    const scale = $derived(scaleTime([new Date(from), new Date(to)], [0, width]));
    const every = $derived(Math.max(1, Math.ceil((weeks.length * 62) / width)));
    const today = $derived(scale(shopClock.now));

    const tone = (build: HorizonBuild): string =>
        build.verdict === 'late' || build.verdict === 'unplanned' ? 'late' : build.verdict === 'risk' ? 'tight' : '';
    const slack = (build: HorizonBuild): string =>
        build.slackDays === null ? '–' : `${build.slackDays > 0 ? '+' : build.slackDays < 0 ? '−' : ''}${Math.abs(build.slackDays)} d`;
</script>

<svelte:head><title>Horizon · Regimen</title></svelte:head>

<Hatch />
<h1>{headline}</h1>
<p class="quiet">{under}</p>
{#if manager && offer}
    <div class="offer" id="offer">
        <p>
            <b>A better plan was found.</b>
            {#each offer.gains as gain (gain.number)}
                <span>
                    {gain.number}
                    {gain.title}
                    {gain.before ? calendarDay(gain.before) : 'not planned'} → {gain.after ? calendarDay(gain.after) : 'not planned'}.
                </span>
            {/each}
            <span class="quiet">
                {offer.moves.length === 0
                    ? 'Nobody’s coming week would change.'
                    : `In the coming week it moves ${offer.moves.map((move) => `${move.operations} of ${move.person}’s operations`).join(', ')}.`}
            </span>
        </p>
        <button class="do" type="button" disabled={act.busy} onclick={() => act.post(`/plan/offers/${offer.id}/take`)}>Take it</button>
        <button class="act" type="button" disabled={act.busy} onclick={() => act.post(`/plan/offers/${offer.id}/leave`)}>Leave it</button>
    </div>
{:else if manager && builds.length > 0}
    <button class="word screen-only" type="button" disabled={act.busy} onclick={() => act.post('/plan/look')}>Look for a better plan</button
    >
{/if}
{#if manager && builds.length > 0}<a class="screen-only help" href="/plan/help">What would help</a>{/if}

<div class="horizon">
    <div class="axis" aria-hidden="true">
        <span></span>
        <div class="weeks" bind:clientWidth={room}>
            {#each weeks as week, index (week)}
                {#if index % every === 0 && scale(new Date(week)) < width - 52}
                    <span class="figure" style:left="{scale(new Date(week))}px">{shortDay(week)}</span>
                {/if}
            {/each}
            <span class="today figure" style:left="{today}px">today, {day(shopClock.now)}</span>
        </div>
    </div>
    <ul>
        {#each builds as build (build.number)}
            <li>
                <a class="plain who" use:inertia href={`/builds/${build.number}`}>
                    <span class="drawn"
                        ><Instrument drawing={build.drawing} inked={build.inked} words={`drawing of No. ${build.number}`} /></span
                    >
                    <span>
                        <b>{build.number} · {build.title}</b>
                        <span class="small quiet line">{build.inOneLine}</span>
                    </span>
                </a>
                <div class="strip" style:--today="{today}px"><Strip {build} {scale} {width} {free} /></div>
                <div class="slack">
                    <span class={['figure', tone(build)]}>{slack(build)}</span>
                    <span class={['small', tone(build) || 'quiet']}>{build.slackWords}</span>
                    <span class="small quiet">
                        {#if build.finish}finish {shortDay(build.finish)}{/if}{#if build.promiseAt}, promise {shortDay(
                                build.promiseAt,
                            )}{/if}
                    </span>
                </div>
            </li>
        {:else}
            <li class="quiet nothing">No build is open.</li>
        {/each}
    </ul>
</div>
<Marks />

<style>
    .help {
        margin-left: 1.2rem;
    }

    .offer {
        display: flex;
        flex-wrap: wrap;
        gap: 0.5rem 1rem;
        align-items: center;
        border-left: 5px solid var(--accent);
        padding: 0.4rem 0.9rem;
        margin: 0.6rem 0;
    }

    .offer p {
        flex: 1 1 30rem;
    }

    .horizon {
        margin-top: 0.6rem;
    }

    .axis,
    li {
        display: grid;

        grid-template-columns: 17.5rem minmax(0, 1fr) 11.2rem;
        column-gap: 0.75rem;
    }

    .weeks {
        position: relative;
        height: 2.9rem;
        font-size: 0.78rem;
    }

    .weeks span {
        position: absolute;
        bottom: 0;
        padding-left: 0.3rem;
        border-left: 1px solid var(--rule);
        font-weight: 400;
        color: var(--quiet);
        white-space: nowrap;
        height: 1.4rem;
    }

    .weeks .today {
        top: 0;
        height: 1.3rem;
        padding: 0.1rem 0.4rem;
        background: var(--accent);
        color: var(--paper);
        border: 0;
        font-weight: 600;
    }

    li {
        border-bottom: 1px solid var(--rule);
        align-items: center;
        min-height: 64px;
    }

    .who {
        display: grid;
        grid-template-columns: 6.6rem 1fr;
        gap: 0.75rem;
        align-items: center;
        line-height: 1.2;
    }

    .who b {
        font-family: var(--heading);
        font-weight: 650;
    }

    .line {
        display: -webkit-box;
        -webkit-line-clamp: 2;
        line-clamp: 2;
        -webkit-box-orient: vertical;
        overflow: hidden;
        font-size: 0.78rem;
    }

    .drawn {
        height: 3rem;
    }

    .strip {
        position: relative;
    }

    .strip::after {
        content: '';
        position: absolute;
        top: 0;
        bottom: -1px;
        left: var(--today);
        border-left: 2px solid var(--accent);
        pointer-events: none;
    }

    .slack {
        display: flex;
        flex-direction: column;
        text-align: right;
        line-height: 1.2;
    }

    .slack .small {
        font-size: 0.75rem;
    }

    .nothing {
        display: block;
        padding: 1rem 0;
    }

    @media (width < 60rem) {
        .axis,
        li {
            grid-template-columns: minmax(0, 1fr) auto;
        }

        .axis span:first-child {
            display: none;
        }

        .weeks {
            grid-column: 1 / -1;
        }

        .strip {
            grid-row: 2;
            grid-column: 1 / -1;
        }

        li {
            padding-top: 0.5rem;
        }
    }
</style>
