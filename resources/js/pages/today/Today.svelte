<script lang="ts">
    import { inertia, page } from '@inertiajs/svelte';
    import Hatch from '@/components/Hatch.svelte';
    import Marks from '@/components/Marks.svelte';
    import PersonDay from '@/components/PersonDay.svelte';
    import Wrong from '@/components/bench/Wrong.svelte';
    import { shopClock } from '@/lib/now.svelte';
    import { calendarDay, clock, minuteOfDay } from '@/lib/time';
    import type { TodayProps } from '@/lib/props';
    import { route } from '@/lib/address';

    const {
        headline,
        todo,
        day,
        isToday,
        under,
        people,
        free,
        arrives,
        decide,
        wrong,
        promises,
        budgets,
        kept,
        empty,
    }: TodayProps = $props();

    const stretches = $derived(people.flatMap((person) => person.hours));
    const opens = $derived(Math.floor(Math.min(480, ...stretches.map(([from]) => from)) / 60) * 60);
    const closes = $derived(Math.ceil(Math.max(1020, ...stretches.map(([, to]) => to)) / 60) * 60);
    const hours = $derived(Array.from({ length: (closes - opens) / 60 + 1 }, (_, index) => opens + 60 * index));
    const share = (minute: number): number => (100 * (minute - opens)) / (closes - opens);
    const now = $derived(minuteOfDay(shopClock.now));
    const nowShown = $derived(isToday && now >= opens && now <= closes);
</script>

<svelte:head><title>Today · Regimen</title></svelte:head>

<Hatch />
<h1>{headline}</h1>
{#if todo}<p class="mt-1">{todo.words} <a use:inertia href={todo.address}>{todo.action}</a></p>{/if}
<p class="quiet">{under}</p>
{#if empty && page.props.viewer?.manager}
    <p class="mt-2">
        Here the day of everybody will stand, once there is something on the bench.
        <a class="do ml-2" use:inertia href={route('first-steps')}>Set the shop up</a>
    </p>
{/if}

{#each wrong as note (note.id)}<Wrong {note} />{/each}

<section class="day" aria-label={`People on ${calendarDay(day)}`}>
    <div class="axis relative h-[2.2rem] ml-40 text-[0.8rem] max-desk:hidden" aria-hidden="true">
        {#each hours as hour (hour)}
            <span class="figure" style:left="{share(hour)}%">{hour / 60}:00</span>
        {/each}
        {#if nowShown}
            <b class="figure" style:left="{share(now)}%">{clock(shopClock.now)}</b>
        {/if}
    </div>
    {#each people as person (person.id)}
        <PersonDay {person} {share} {hours} now={nowShown ? now : null} />
    {:else}
        <p class="quiet">Nobody is in the shop yet. Add the people who work here under People.</p>
    {/each}
</section>
<Marks />

<div class="grid grid-cols-4 gap-[1.9rem] mt-[1.2rem] max-desk:grid-cols-[1fr] max-desk:gap-4">
    <section class="sheet">
        <h2>Free {isToday ? 'today' : calendarDay(day)}</h2>
        <ul>
            {#each free as hold (hold.build + hold.operation)}
                <li>
                    <a class="plain" use:inertia href={route('builds.show', hold.build)}>
                        {hold.fixture ?? hold.operation}
                        <span class="quiet">from {hold.build}, {clock(hold.until)}</span>
                    </a>
                </li>
            {:else}
                <li class="quiet">No hold ends.</li>
            {/each}
        </ul>
    </section>
    <section class="sheet">
        <h2>Arrives</h2>
        <ul>
            {#each arrives as part (part.build + part.expectedOn)}
                <li>
                    <a class="plain" use:inertia href={route('builds.show', part.build) + '#kit'}>
                        {part.build}: {part.names.join(', ')}
                        <span class={part.late ? 'late' : 'quiet'}
                            >{part.late
                                ? `overdue since ${calendarDay(part.expectedOn)}`
                                : `expected ${calendarDay(part.expectedOn)}`}</span
                        >
                    </a>
                </li>
            {:else}
                <li class="quiet">Nothing is expected this week.</li>
            {/each}
        </ul>
    </section>
    <section class="sheet">
        <h2>To decide</h2>
        <ul>
            {#each decide as one (one.build + one.operation)}
                <li>
                    <a class="plain" use:inertia href={route('builds.show', one.build)}>
                        {one.build}, {one.title}: {one.what}
                        <span class="quiet">by {calendarDay(one.until)}; “{one.operation}” waits for it</span>
                    </a>
                </li>
            {:else}
                <li class="quiet">Nothing waits for a decision.</li>
            {/each}
        </ul>
    </section>
    <section class="sheet">
        <h2>Promises</h2>
        <ul>
            {#each promises as one (one.build)}
                <li class={one.verdict === 'risk' ? 'tight' : 'late'}>
                    <a class="plain" use:inertia href={route('builds.show', one.build)}
                        >{one.build}, {one.title} <b>{one.words}</b></a
                    >
                </li>
            {/each}
            <li class="quiet">
                {kept}
                {promises.length > 0
                    ? kept === 1
                        ? 'other keeps its promise'
                        : 'others keep theirs'
                    : kept === 1
                      ? 'keeps its promise'
                      : 'keep their promise'}
            </li>
        </ul>
        {#if budgets.length > 0}
            <h2 class="mt-4">Hours and money set</h2>
            <ul data-budgets>
                {#each budgets as one (one.build)}
                    <li class="tight">
                        <a class="plain" use:inertia href={route('builds.progress', one.build)}
                            >{one.build}, {one.title} <b>{one.words}</b></a
                        >
                    </li>
                {/each}
            </ul>
        {/if}
    </section>
</div>

<style>
    .day {
        margin-top: 0.4rem;
    }

    .axis span {
        position: absolute;
        bottom: 0;
        padding-left: 0.3rem;
        font-weight: 400;
        color: var(--quiet);
    }

    .axis span:last-of-type {
        display: none;
    }

    .axis b {
        position: absolute;
        top: 0;
        z-index: 2;
        padding: 0 0.4rem;
        background: var(--accent);
        color: var(--paper);
    }

    li {
        padding: 0.35rem 0;
        border-bottom: 1px solid var(--rule);
        font-size: 0.9rem;
        line-height: 1.3;
    }
    @media (width < 60rem) {
        li {
            padding: 0.75rem 0;
        }
    }
</style>
