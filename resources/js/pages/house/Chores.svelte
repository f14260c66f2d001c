<script lang="ts">
    import { inertia, page } from '@inertiajs/svelte';
    import { untrack } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { shopClock } from '@/lib/now.svelte';
    import { calendarDay, dateOf } from '@/lib/time';
    import { route } from '@/lib/address';
    import type { ChoresProps } from '@/lib/props';

    const { headline, chores, people }: ChoresProps = $props();

    const act = new Act();
    const adding = new Act();
    const manager = $derived(page.props.viewer?.manager ?? false);
    const empty = { name: '', every_days: '', takes: '' };
    let said = $state(untrack(() => ({ ...empty, person: people[0]?.value ?? '', due_on: dateOf(shopClock.now) })));
</script>

<svelte:head><title>Chores · Regimen</title></svelte:head>

<p class="small quiet"><a use:inertia href={route('stores')}>Stores</a> · chores</p>
<h1>{headline}</h1>
<p class="quiet">
    Filters, humidifier, sharpening, checking the calipers: what comes again stands in somebody’s day as upkeep, and
    work on builds is planned around it. What is not done on its day is planned for the next.
</p>
<section class="sheet mt-[1.2rem]">
    <h2>Comes again</h2>
    <ul>
        {#each chores as one (one.id)}
            <li
                class="border-t border-t-rule py-[0.35rem] flex flex-wrap gap-x-4 gap-y-1 items-center"
                data-chore={one.name}
            >
                <span class="grow"
                    ><b>{one.name}</b>
                    <span class="quiet small"
                        >{one.person}, {one.minutes} min, {one.everyDays === 1
                            ? 'every day'
                            : `every ${one.everyDays} days`}{one.doneOn
                            ? `, done ${calendarDay(one.doneOn)}`
                            : ''}</span
                    ></span
                >
                <span class={one.overdue ? 'tight' : 'quiet'}
                    >{one.overdue
                        ? `due since ${calendarDay(one.dueOn)}`
                        : `due ${calendarDay(one.dueOn)}`}{one.plannedOn && one.plannedOn !== one.dueOn
                        ? `, planned ${calendarDay(one.plannedOn)}`
                        : ''}</span
                >
                <button
                    class="act"
                    type="button"
                    disabled={act.busy}
                    onclick={() => act.post(route('chores.done', one.id), { version: one.version })}>Done</button
                >
                {#if manager}
                    <button
                        class="word"
                        type="button"
                        disabled={act.busy}
                        onclick={() => act.post(route('chores.end', one.id), { version: one.version })}
                        >comes no more</button
                    >
                {/if}
            </li>
        {:else}<li class="quiet">Nothing yet.</li>{/each}
    </ul>
    <ErrorLine text={act.other()} />
</section>
{#if manager}
    <section class="sheet mt-[1.2rem]">
        <h2>Add a chore</h2>
        <form
            class="grid grid-cols-[minmax(0,1.4fr)_minmax(0,1fr)_8rem_8rem_11rem_auto] gap-3 items-end max-desk:grid-cols-1"
            novalidate
            onsubmit={(event) => {
                event.preventDefault();
                adding.post(route('chores.new'), said, () => (said = { ...said, ...empty }));
            }}
        >
            <Field name="name" label="What" bind:value={said.name} error={adding.errors.name} />
            <Field name="person" label="Who" options={people} bind:value={said.person} error={adding.errors.person} />
            <Field
                name="every_days"
                label="Every, days"
                bind:value={said.every_days}
                error={adding.errors.every_days}
            />
            <Field name="takes" label="Takes" hint="0:20" bind:value={said.takes} error={adding.errors.takes} />
            <Field
                name="due_on"
                label="Due first on"
                type="date"
                bind:value={said.due_on}
                error={adding.errors.due_on}
            />
            <button class="do" type="submit" disabled={adding.busy}>Add it</button>
        </form>
        <ErrorLine text={adding.other('name', 'person', 'every_days', 'takes', 'due_on')} />
    </section>
{/if}
