<script lang="ts">
    import { useForm } from '@inertiajs/svelte';
    import { untrack } from 'svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { calendarDay, labour } from '@/lib/time';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import type { PersonLine } from '@/lib/props';
    import WeekFields from './WeekFields.svelte';
    import { route } from '@/lib/address';

    interface Props {
        person: PersonLine;
        skills: string[];
        shopRate: string;
        shopHours: Record<number, string>;
    }

    const { person, skills, shopRate, shopHours }: Props = $props();

    const isNew = $derived(person.id === 0);
    let open = $state(untrack(() => person.id === 0));
    const act = new Act();
    let date = $state('');

    const form = useForm(
        untrack(() => ({
            version: person.version,
            name: person.name,
            email: person.email ?? '',
            password: '',
            role: person.role,
            skills: [...person.skills],
            speeds: Object.fromEntries(
                Object.entries(person.speeds).map(([skill, speed]) => [skill, String(speed)]),
            ) as Record<string, string>,
            rate: person.rate,
            active: person.active,
            own_hours: person.ownHours,
            hours: { ...person.hours },
        })),
    );
    const errors = $derived(form.errors as Record<string, string | undefined>);

    function save(event: SubmitEvent): void {
        event.preventDefault();
        form.version = person.version;
        const options = { preserveScroll: true, onSuccess: () => (open = isNew) };
        if (isNew) {
            form.post(route('people'), options);
        } else {
            form.put(route('people.one', person.id), options);
        }
    }

    function toggle(skill: string): void {
        form.skills = form.skills.includes(skill)
            ? form.skills.filter((one) => one !== skill)
            : [...form.skills, skill];
    }
</script>

{#if !isNew}
    <div class={['row', !person.active && 'quiet']}>
        <b class="font-heading font-[650] text-[1.1rem]">{person.name}</b>
        <span>{person.role}{person.signsIn ? '' : ', does not sign in'}{person.active ? '' : ', has left'}</span>
        <span class="quiet">{person.skills.join(', ') || 'no skills yet'}</span>
        <span class="figure">{labour(person.minutesAWeek)} a week</span>
        <button class="act" type="button" aria-expanded={open} onclick={() => (open = !open)}
            >{open ? 'Close' : 'Change'}</button
        >
    </div>
{/if}

{#if open}
    <form class="grid gap-[0.8rem] py-[0.6rem] px-0 justify-items-start" onsubmit={save} novalidate>
        <div class="fields grid grid-cols-5 gap-4 w-full">
            <Field name="name" label="Name" bind:value={form.name} error={errors.name} />
            <Field
                name="role"
                label="Role"
                bind:value={form.role}
                error={errors.role}
                options={[
                    { value: 'maker', words: 'maker' },
                    { value: 'manager', words: 'manager' },
                ]}
            />
            <Field
                name="rate"
                label="Rate an hour"
                bind:value={form.rate}
                error={errors.rate}
                hint={`empty: the shop’s ${shopRate}`}
            />
            <Field
                name="email"
                label="E-mail address to sign in"
                type="email"
                bind:value={form.email}
                error={errors.email}
            />
            <Field
                name="password"
                label={person.signsIn ? 'New password' : 'Password'}
                type="password"
                bind:value={form.password}
                error={errors.password}
                autocomplete="new-password"
                hint={person.signsIn ? 'empty: as it is' : 'empty: does not sign in'}
            />
        </div>
        <fieldset>
            <legend class="quiet small">Skills</legend>
            {#each skills as skill (skill)}
                <label
                    ><input type="checkbox" checked={form.skills.includes(skill)} onchange={() => toggle(skill)} />
                    {skill}</label
                >
            {/each}
        </fieldset>
        {#if form.skills.length > 0}
            <fieldset class="speeds">
                <legend class="quiet small">Speed, in percent of the house standard</legend>
                {#each form.skills as skill (skill)}
                    <Field
                        name={`speeds.${skill}`}
                        label={skill}
                        bind:value={
                            () => form.speeds[skill] ?? '',
                            (speed) => (form.speeds = { ...form.speeds, [skill]: speed })
                        }
                        error={errors[`speeds.${skill}`]}
                        hint="empty: 100"
                    />
                {/each}
            </fieldset>
        {/if}
        <fieldset>
            <legend class="quiet small">Hours</legend>
            <label><input type="checkbox" bind:checked={form.own_hours} /> other hours than the shop’s</label>
            {#if !isNew}<label><input type="checkbox" bind:checked={form.active} /> works here</label>{/if}
        </fieldset>
        {#if form.own_hours}<WeekFields bind:week={form.hours} {errors} fallback={shopHours} />{/if}
        <button class="do" type="submit" disabled={form.processing}>{isNew ? 'Add' : 'Save'}</button>
    </form>
    {#if !isNew && person.signsIn && person.active}
        <p class="flex flex-wrap gap-y-2 gap-x-[1.2rem] pb-[0.6rem]">
            <button class="word" type="button" onclick={() => act.post(route('people.link', person.id), {})}
                >Send a link for a new password</button
            >
            {#if person.hasSecond}
                <button class="word" type="button" onclick={() => act.send('delete', route('people.second', person.id))}
                    >Remove the codes of a lost phone</button
                >
            {/if}
        </p>
        <ErrorLine text={act.other('date')} />
    {/if}
    {#if !isNew}
        <div class="flex flex-wrap gap-y-2 gap-x-[1.2rem] items-end pb-[0.6rem]">
            <Field name="date" label="A day off" type="date" bind:value={date} error={act.errors.date} />
            <button
                class="act"
                type="button"
                onclick={() => act.post(route('people.days-off', person.id), { date }, () => (date = ''))}
                >Add the day</button
            >
            {#each person.daysOff as day (day.id)}
                <span
                    >{calendarDay(day.date)}
                    <button
                        class="word small"
                        type="button"
                        onclick={() => act.send('delete', route('days-off.one', day.id))}>works after all</button
                    ></span
                >
            {/each}
            <ErrorLine text={act.other('date')} />
        </div>
    {/if}
{/if}

<style>
    .row {
        display: grid;
        grid-template-columns: 12rem 14rem minmax(0, 1fr) 9rem auto;
        gap: 1rem;
        align-items: center;
    }

    fieldset {
        display: flex;
        flex-wrap: wrap;
        gap: 0.3rem 1.3rem;
    }

    fieldset label {
        display: inline-flex;
        align-items: center;
        gap: 0.4rem;
        min-height: 2rem;
    }

    .speeds :global(.line) {
        width: 7rem;
    }
    @media (width < 60rem) {
        .row,
        .fields {
            grid-template-columns: 1fr 1fr;
        }

        fieldset label {
            min-height: 44px;
        }
    }
</style>
