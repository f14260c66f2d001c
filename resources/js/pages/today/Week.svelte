<script lang="ts">
    import Mark from '@/components/Mark.svelte';
    import { inertia } from '@inertiajs/svelte';
    import PlanPages from '@/components/plan/PlanPages.svelte';
    import { calendarDay, clock } from '@/lib/time';
    import type { WeekProps } from '@/lib/props';
    import { route } from '@/lib/address';

    const { heading, days, today, before, after, people }: WeekProps = $props();

    let only = $state('');
    const sheet = (paper: string): string =>
        route('plan.week.sheet', { paper, from: days[0] ?? today, ...(only === '' ? {} : { person: only }) });
    const shown = $derived(people.filter((person) => only === '' || String(person.id) === only));
</script>

<svelte:head><title>Week · Regimen</title></svelte:head>

<PlanPages />
<h1>{heading}</h1>
<p class="tools screen-only flex flex-wrap gap-y-[0.4rem] gap-x-[1.4rem] items-center mt-[0.3rem] mb-[0.8rem]">
    <a href={route('plan.week', { from: before })} use:inertia>week before</a>
    <a href={route('plan.week', { from: after })} use:inertia>week after</a>
    <span class="who">
        <label for="who">Show</label>
        <select id="who" class="field" bind:value={only}>
            <option value="">everybody</option>
            {#each people as person (person.id)}<option value={String(person.id)}>{person.name}</option>{/each}
        </select>
    </span>
    <a href={sheet('a4')}>Week sheets, PDF on A4</a>
    <a href={sheet('letter')}>on Letter</a>
</p>

{#each shown as person (person.id)}
    <section class="sheet mb-[1.2rem] [break-inside:avoid] print:[break-after:page]">
        <h2>{person.name}</h2>
        <div
            class="grid grid-cols-[repeat(var(--days),minmax(0,1fr))] gap-y-0 gap-x-[0.9rem] max-desk:grid-cols-1 max-desk:gap-[0.7rem]"
            style:--days={days.length}
        >
            {#each days as date (date)}
                {@const day = person.days[date]}
                <div class={['day', date === today && 'here']} data-day={date}>
                    <h3 class="text-[0.85rem] text-quiet">{calendarDay(date)}{date === today ? ', today' : ''}</h3>
                    {#each day?.away ?? [] as away (away.words + away.part)}
                        <p class="small border border-dashed border-labour py-[0.1rem] px-[0.4rem] my-[0.2rem]">
                            {away.part ? `${away.part} ` : ''}{away.words}
                        </p>
                    {/each}
                    <ul>
                        {#each day?.items ?? [] as item (`${item.id} ${item.from}`)}
                            <li class={item.state}>
                                <Mark kind="labour" state={item.state} />
                                <span class="figure small">{clock(item.from)}–{item.goesOn ? '…' : clock(item.to)}</span
                                >
                                <a
                                    class="plain"
                                    use:inertia
                                    href={route('builds.show', item.build) + `#operation-${item.id}`}
                                    >{item.helps ? 'help: ' : ''}<b>{item.build}</b> {item.name}</a
                                >
                                {#if item.needs}<span class="small quiet">{item.needs}</span>{/if}
                                {#if item.hold}<span class="small quiet">{item.hold}</span>{/if}
                            </li>
                        {/each}
                    </ul>
                    {#if (day?.items.length ?? 0) === 0 && (day?.away.length ?? 0) === 0}
                        <p class="small quiet">{day?.hours.length ? 'nothing planned' : 'not in'}</p>
                    {/if}
                </div>
            {/each}
        </div>
    </section>
{:else}
    <p class="quiet">Nobody is in the shop yet. Add the people who work here under People.</p>
{/each}

<style>
    .who {
        display: inline-flex;
        gap: 0.5rem;
        align-items: center;
    }

    .who select {
        width: auto;
    }

    .day {
        border-left: 1px solid var(--rule);
        padding-left: 0.5rem;
    }

    .here {
        border-left: 3px solid var(--accent);
    }

    li {
        position: relative;
        padding: 0.25rem 0 0.25rem 1.1rem;
        line-height: 1.2;
        font-size: 0.9rem;
        overflow-wrap: anywhere;
    }

    li span,
    li a {
        display: block;
    }

    li :global(.sign) {
        position: absolute;
        left: 0;
        top: 0.4rem;
    }
    @media (width < 60rem) {
        li {
            font-size: 1rem;
            padding: 0.45rem 0 0.45rem 1.2rem;
        }
    }
</style>
