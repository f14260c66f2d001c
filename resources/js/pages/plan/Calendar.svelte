<script lang="ts">
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import FileLook from '@/components/FileLook.svelte';
    import ChangeForm from '@/components/plan/ChangeForm.svelte';
    import PlanPages from '@/components/plan/PlanPages.svelte';
    import SixWeeks from '@/components/plan/SixWeeks.svelte';
    import { Act } from '@/lib/act.svelte';
    import { calendarDay } from '@/lib/time';
    import type { CalendarProps, Removable } from '@/lib/props';
    import { WEEKDAYS } from '@/components/house/person';
    import { route } from '@/lib/address';

    const { heading, today, days, people, outages, open, closed, forms }: CalendarProps = $props();

    const act = new Act();
    const leave = new Act();
    const down = new Act();
    const close = new Act();
    const file = new Act();
    let date = $state('');
    let note = $state('');

    const absences = $derived(forms.filter((form) => form.kind !== 'down'));
    const outage = $derived(forms.filter((form) => form.kind === 'down'));

    function closeDay(event: SubmitEvent): void {
        event.preventDefault();
        close.post(route('house.closed-days'), { date, note }, () => {
            date = '';
            note = '';
        });
    }

    const take = (chosen: File): void => file.post(route('plan.calendar.import'), { file: chosen });

    const remove = (one: Removable): void => act.change({ kind: 'rows', table: one.table, remove: one.ids });
</script>

<svelte:head><title>Calendar · Regimen</title></svelte:head>

<PlanPages />
<h1>{heading}</h1>
<p class="quiet">When the shop works and who is there. Whatever changes here, everything is planned again around it.</p>

<SixWeeks {today} {days} {people} />

<section class="sheet" id="away">
    <h2>Who is away, who works longer</h2>
    <ChangeForm
        forms={absences}
        label="Save"
        words="Save"
        act={leave}
        onsend={(body, done) => leave.change(body, done)}
    />
    <ul>
        {#each people as person (person.id)}
            {#each [...person.away, ...person.longer] as one (one.table + one.ids.join())}
                <li>
                    <b>{person.name}</b>
                    {one.words}
                    <button class="word small" type="button" disabled={act.busy} onclick={() => remove(one)}
                        >remove</button
                    >
                </li>
            {/each}
        {/each}
    </ul>
    <ErrorLine text={act.other()} />
</section>

<section class="sheet">
    <h2>Hours of a week</h2>
    <table class="max-desk:text-[0.8rem]">
        <thead class="max-desk:hidden"
            ><tr
                ><th>Who</th>{#each WEEKDAYS as day (day)}<th>{day}</th>{/each}</tr
            ></thead
        >
        <tbody>
            {#each people as person (person.id)}
                <tr>
                    <td><b>{person.name}</b></td>
                    {#each WEEKDAYS as day, index (day)}<td class="small">{person.week[index + 1] || 'free'}</td>{/each}
                </tr>
            {/each}
        </tbody>
    </table>
    <p class="small">
        <a href={route('people')}>Change them under People</a>, the shop’s own <a href={route('house')}>under House</a>.
    </p>
</section>

<div class="columns grid grid-cols-[1fr_1fr] gap-y-0 gap-x-10 max-desk:grid-cols-1">
    <section class="sheet">
        <h2>Stations and fixtures that are down</h2>
        <ChangeForm
            forms={outage}
            words="Enter the outage"
            act={down}
            onsend={(body, done) => down.change(body, done)}
        />
        <ul>
            {#each outages as one (one.ids.join())}
                <li>
                    {one.words}
                    <button class="word small" type="button" disabled={act.busy} onclick={() => remove(one)}
                        >works again</button
                    >
                </li>
            {:else}
                <li class="quiet">Nothing is down.</li>
            {/each}
        </ul>
        <p class="small quiet">
            Hours of their own: {open.length === 0 ? 'none' : open.join('. ')}.
            <a href={route('house')}>Change them under House</a>
        </p>
    </section>
    <section class="sheet">
        <h2>Days on which the shop is closed</h2>
        <form onsubmit={closeDay}>
            <Field name="date" label="Day" type="date" bind:value={date} error={close.errors.date} />
            <Field name="note" label="Why" bind:value={note} error={close.errors.note} />
            <button class="do" type="submit" disabled={close.busy}>Close on this day</button>
        </form>
        <FileLook
            words="Choose a holiday calendar (.ics)"
            accept={['.ics', 'text/calendar']}
            url={route('plan.calendar.import.look')}
            action="Import its days"
            busy={file.busy}
            error={file.errors.file}
            ontake={take}
        />
        <ul>
            {#each closed as day (day.id)}
                <li>
                    {calendarDay(day.date)}
                    <span class="quiet">{day.note}</span>
                    <button
                        class="word small"
                        type="button"
                        disabled={act.busy}
                        onclick={() => act.send('delete', route('house.closed-days.one', day.id))}
                        >works after all</button
                    >
                </li>
            {:else}
                <li class="quiet">No day is closed beyond the free days of the week.</li>
            {/each}
        </ul>
    </section>
</div>

<style>
    section {
        margin-top: 1rem;
    }

    li {
        border-top: 1px solid var(--rule);
        padding: 0.35rem 0;
    }

    li .word {
        margin-left: 0.6rem;
    }

    .columns form {
        display: flex;
        flex-wrap: wrap;
        gap: 0.5rem 1rem;
        align-items: end;
        padding: 0.4rem 0;
    }
    @media (width < 60rem) {
        tr {
            display: block;
            border-top: 1px solid var(--rule);
            padding: 0.3rem 0;
        }

        td {
            display: inline-block;
            border: 0;
            padding: 0 0.8rem 0 0;
        }
    }
</style>
