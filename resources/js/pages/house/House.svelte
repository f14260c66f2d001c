<script lang="ts">
    import { useForm } from '@inertiajs/svelte';
    import { untrack } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import ResourceRow from '@/components/house/ResourceRow.svelte';
    import WeekFields from '@/components/house/WeekFields.svelte';
    import { Act } from '@/lib/act.svelte';
    import { calendarDay } from '@/lib/time';
    import type { HouseProps } from '@/lib/props';
    import { route } from '@/lib/address';

    const { settings, closedDays, resources }: HouseProps = $props();

    const form = useForm(untrack(() => ({ ...settings, hours: { ...settings.hours } })));
    const errors = $derived(form.errors as Record<string, string | undefined>);
    const act = new Act();
    let date = $state('');
    let note = $state('');

    function save(event: SubmitEvent): void {
        event.preventDefault();
        form.version = settings.version;
        form.put(route('house'), { preserveScroll: true });
    }
</script>

<svelte:head><title>House · Regimen</title></svelte:head>

<h1>{settings.name}</h1>
<p>
    <a class="target" href={route('house.standards')}>House standards</a>
    <a class="target" href={route('house.held')}>How well the house works</a>
    <span class="quiet">what operations take and how they are done, finishes, tolerances</span>
</p>
<p>
    <a class="target" href={route('house.models')}>House models</a>
    <span class="quiet">what a specification begins from, and what is taken when nothing is said</span>
</p>
<p>
    <a class="target" href={route('climate')}>Air of the shop</a>
    <span class="quiet">readings that make holds longer and spraying wait</span>
</p>
<p>
    <a class="target" href={route('health')}>Backups and health</a>
    <span class="quiet">copies of all data, made every night, and room on the disk</span>
</p>
<p>
    <a class="target" href={route('audit')}>Audit log</a>
    <span class="quiet">sign-ins, changes of rights, copies and exports</span>
</p>
<p class="quiet">
    What the shop takes for granted: hours, rates, stations and fixtures. It began with common practice of the trade;
    every figure is yours to change.
</p>

<section class="sheet mt-[1.3rem]">
    <h2>Rates and hours</h2>
    <form class="grid gap-[0.9rem] justify-items-start pt-[0.4rem]" onsubmit={save} novalidate>
        <div class="fields grid grid-cols-4 gap-y-[0.8rem] gap-x-4 w-full max-desk:grid-cols-[1fr_1fr]">
            <Field name="name" label="Name of the shop" bind:value={form.name} error={errors.name} />
            <Field name="timezone" label="Time zone" bind:value={form.timezone} error={errors.timezone} />
            <Field
                name="labour_rate"
                label={`Labour an hour, ${settings.currency}`}
                bind:value={form.labour_rate}
                error={errors.labour_rate}
            />
            <Field
                name="overhead_percent"
                label="Overhead on cost, %"
                bind:value={form.overhead_percent}
                error={errors.overhead_percent}
            />
            <Field
                name="margin_percent"
                label="Margin or mark-up, %"
                bind:value={form.margin_percent}
                error={errors.margin_percent}
                hint="which of the two: under Money"
            />
            <Field
                name="deposit_percent"
                label="Deposit, %"
                bind:value={form.deposit_percent}
                error={errors.deposit_percent}
            />
            <Field
                name="risk_days"
                label="At risk from slack of, days"
                bind:value={form.risk_days}
                error={errors.risk_days}
            />
            <Field
                name="promise_chance"
                label="A promise holds in so many of 100"
                bind:value={form.promise_chance}
                error={errors.promise_chance}
            />
            <Field
                name="papers_years"
                label="Years that papers are kept"
                bind:value={form.papers_years}
                error={errors.papers_years}
                hint="as the law here wants it; 0 for not at all"
            />
            <Field
                name="tax_percent"
                label="Tax on a price, %"
                bind:value={form.tax_percent}
                error={errors.tax_percent}
            />
            <Field
                name="quote_days"
                label="A quote is valid for, days"
                bind:value={form.quote_days}
                error={errors.quote_days}
            />
            <Field
                name="quotes_hold"
                label="A quote holds its place"
                bind:value={form.quotes_hold}
                error={errors.quotes_hold}
                options={[
                    { value: '1', words: 'yes: who asks next is behind it' },
                    { value: '0', words: 'no' },
                ]}
            />
            <div class="col-span-full">
                <Field
                    name="quote_words"
                    label="What stands under every quote, in Markdown"
                    type="textarea"
                    rows={4}
                    bind:value={form.quote_words}
                    error={errors.quote_words}
                />
            </div>
        </div>
        <WeekFields bind:week={form.hours} {errors} />
        <button class="do" type="submit" disabled={form.processing}>Save rates and hours</button>
    </form>
</section>

<section class="sheet mt-[1.3rem]">
    <h2>Closed days</h2>
    <div class="flex flex-wrap gap-y-2 gap-x-[1.2rem] items-end">
        <Field name="date" label="Day" type="date" bind:value={date} error={act.errors.date} />
        <Field name="note" label="Why" bind:value={note} error={act.errors.note} />
        <button
            class="act"
            type="button"
            onclick={() => act.post(route('house.closed-days'), { date, note }, () => (date = ''))}
            >Close the shop</button
        >
        {#each closedDays as day (day.id)}
            <span
                >{calendarDay(day.date)}
                {day.note}
                <button
                    class="word small"
                    type="button"
                    onclick={() => act.send('delete', route('house.closed-days.one', day.id))}>open after all</button
                ></span
            >
        {/each}
        <ErrorLine text={act.other('date', 'note')} />
    </div>
</section>

<section class="sheet mt-[1.3rem]">
    <h2 id="stations">Stations and fixtures</h2>
    <p class="quiet small">
        How many of each there are. A station is taken while somebody works at it, a fixture also through the hold.
    </p>
    <ul class="resources">
        {#each resources as resource (resource.id)}<ResourceRow {resource} />{/each}
    </ul>
</section>

<style>
    .resources {
        display: grid;
        grid-template-columns: repeat(3, minmax(0, 1fr));
        gap: 0.3rem 2rem;
    }
    @media (width < 60rem) {
        .resources {
            grid-template-columns: 1fr;
        }
    }
</style>
