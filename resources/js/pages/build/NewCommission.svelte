<script lang="ts">
    import { useForm } from '@inertiajs/svelte';
    import { untrack } from 'svelte';
    import ForecastSheet from '@/components/commission/ForecastSheet.svelte';
    import SpecificationFields from '@/components/commission/SpecificationFields.svelte';
    import Field from '@/components/Field.svelte';
    import { Specifying, withField } from '@/components/specification/specifying.svelte';
    import { Asker } from '@/lib/ask';
    import { calendarDay } from '@/lib/time';
    import type { NewCommissionProps } from '@/lib/props';
    import type { Row, Typed } from '@/lib/typed';
    import { route } from '@/lib/address';

    const {
        takesIn,
        nextNumber,
        fields,
        models,
        clients,
        client,
        currency,
        depositPercent,
        promiseKinds,
        again,
        againWords,
        specification,
    }: NewCommissionProps = $props();

    const form = useForm({
        number: '',
        purpose: 'commission',
        client: untrack(() => client),
        contact: '',
        title: '',
        price: '',
        deposit: '',
        promised_on: '',
        promise_kind: 'promised',
        model_id: '',
        again: untrack(() => (again === null ? '' : String(again))),
        specification: untrack(() => ({ ...specification })) as Typed,
    });

    const specifying = new Specifying(() => ({
        specification: $state.snapshot(form.specification) as Typed,
        model_id: form.model_id,
        promised_on: form.promised_on,
    }));
    const errors = $derived(form.errors as Record<string, string | undefined>);
    const problems = $derived(specifying.problems(errors));

    function set(key: string, value: string | Row[]): void {
        form.specification = withField($state.snapshot(form.specification) as Typed, key, value);
        form.clearErrors(`specification.${key}` as never);
    }

    let second = $state('');
    const seconds = new Asker<object, { words: string }>(
        route('commissions.second'),
        (answer) => (second = answer.words),
        (words) => (second = words),
    );

    function worthTwo(): void {
        second = 'It is being planned.';
        seconds.ask({ specification: $state.snapshot(form.specification), model_id: form.model_id });
    }

    function save(event: SubmitEvent): void {
        event.preventDefault();
        form.transform((typed) => ({ ...typed, number: typed.number || String(nextNumber) }));
        form.post(takesIn ? route('taking-in') : route('commissions.store'), {
            preserveScroll: true,
            onError: () =>
                requestAnimationFrame(() => document.querySelector<HTMLElement>('form [aria-invalid="true"]')?.focus()),
        });
    }
</script>

<svelte:head><title>{takesIn ? 'On the bench already' : 'New commission'} · Regimen</title></svelte:head>

{#if takesIn}
    <h1>An instrument that is on the bench already</h1>
    <p class="quiet">
        What it is to be, as far as you know it; the house’s way stands for the rest. On the next page you say what is
        done of it.
    </p>
{:else}
    <h1>{again === null ? 'A new commission' : `No. ${again} once more`}</h1>
    {#if againWords}<p data-again>{againWords}</p>{/if}
    <p class="quiet">Write lengths as you say them: 43, 43 mm, 1 3/4", 0.9 in. The figures on the right follow.</p>
{/if}

<div class="grid grid-cols-[minmax(0,1fr)_20.5rem] gap-10 mt-[0.9rem] items-start max-desk:grid-cols-1 max-desk:gap-4">
    <form onsubmit={save} novalidate>
        <section>
            <h2>Who and what for</h2>
            <div class="fields">
                {#if takesIn}
                    <Field
                        name="number"
                        label="Its number"
                        bind:value={form.number}
                        error={form.errors.number}
                        hint={`left empty: ${nextNumber}`}
                    />
                {/if}
                <Field
                    name="purpose"
                    label="For"
                    bind:value={form.purpose}
                    error={form.errors.purpose}
                    options={[
                        { value: 'commission', words: 'a client' },
                        { value: 'stock', words: 'stock or a show' },
                    ]}
                />
                {#if form.purpose === 'commission'}
                    <Field
                        name="client"
                        label="Client"
                        bind:value={form.client}
                        error={form.errors.client}
                        list="clients"
                    />
                    <Field
                        name="contact"
                        label="How to reach them"
                        bind:value={form.contact}
                        error={form.errors.contact}
                    />
                {/if}
                <Field
                    name="title"
                    label="Name of the build"
                    bind:value={form.title}
                    error={form.errors.title}
                    hint={form.purpose === 'commission' ? 'left empty: the client’s surname' : 'left empty: Stock'}
                />
                {#if models.length > 0}
                    <Field
                        name="model_id"
                        label="Begin from"
                        bind:value={form.model_id}
                        error={errors.model_id}
                        options={[
                            { value: '', words: 'the house’s own way' },
                            ...models.map((model) => ({ value: String(model.id), words: model.name })),
                        ]}
                    />
                {/if}
            </div>
            <datalist id="clients">
                {#each clients as client (client)}<option value={client}></option>{/each}
            </datalist>
        </section>

        <SpecificationFields
            specification={form.specification}
            {fields}
            values={specifying.forecast?.values ?? {}}
            {problems}
            onset={set}
        />

        <section>
            <h2>What is agreed</h2>
            <div class="fields four">
                <Field
                    name="price"
                    label={`Price, ${currency}`}
                    bind:value={form.price}
                    error={form.errors.price}
                    hint={specifying.shown?.price ? `suggested, tax included: ${specifying.shown.price}` : undefined}
                />
                <Field
                    name="deposit"
                    label={`Deposit, ${currency}`}
                    bind:value={form.deposit}
                    error={form.errors.deposit}
                    hint={specifying.shown?.deposit
                        ? `${depositPercent} % would be ${specifying.shown.deposit}`
                        : undefined}
                />
                <Field
                    name="promised_on"
                    label="Promise date"
                    type="date"
                    bind:value={form.promised_on}
                    error={form.errors.promised_on}
                    hint={specifying.shown?.promisable
                        ? `suggested: ${calendarDay(specifying.shown.promisable)}`
                        : undefined}
                />
                <Field
                    name="promise_kind"
                    label="How firmly"
                    bind:value={form.promise_kind}
                    error={errors.promise_kind}
                    options={promiseKinds}
                />
            </div>
            <button class="do" type="submit" disabled={form.processing}
                >{takesIn ? 'Go on to what is done' : 'Take the commission'}</button
            >
        </section>
        {#if !takesIn}
            <section>
                <h2>Worth making two?</h2>
                <p>
                    <button class="act" type="button" disabled={!specifying.shown} onclick={worthTwo}
                        >What would a second one cost?</button
                    >
                </p>
                {#if second}<p class="mt-2" aria-live="polite" data-second>{second}</p>{/if}
            </section>
        {/if}
    </form>

    <ForecastSheet
        forecast={specifying.forecast}
        shown={specifying.shown}
        {currency}
        asking={specifying.asking}
        silence={specifying.silence}
    />
</div>

<style>
    form :global(section) {
        margin-bottom: 1.3rem;
    }

    form :global(.fields) {
        display: grid;
        grid-template-columns: repeat(4, minmax(0, 1fr));
        gap: 0.7rem 1.1rem;
        margin: 0.4rem 0 0.6rem;
        align-items: start;
    }

    form :global(.two) {
        grid-template-columns: 1fr 1fr;
    }
    @media (width < 60rem) {
        form :global(.fields),
        form :global(.two) {
            grid-template-columns: repeat(2, minmax(0, 1fr));
        }
    }
    @media (width < 30rem) {
        form :global(.two) {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
