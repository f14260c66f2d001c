<script lang="ts">
    import { inertia, useForm } from '@inertiajs/svelte';
    import { untrack } from 'svelte';
    import Feel from '@/components/clients/Feel.svelte';
    import ForecastSheet from '@/components/commission/ForecastSheet.svelte';
    import SpecificationFields from '@/components/commission/SpecificationFields.svelte';
    import Field from '@/components/Field.svelte';
    import { Specifying, withField } from '@/components/specification/specifying.svelte';
    import { route } from '@/lib/address';
    import type { SketchProps } from '@/lib/props';
    import type { Row, Typed } from '@/lib/typed';

    const sketch: SketchProps = $props();

    const form = useForm(
        untrack(() => ({
            name: sketch.name,
            model_id: sketch.model,
            version: sketch.version,
            specification: sketch.typed as Typed,
        })),
    );

    const specifying = new Specifying(() => ({
        specification: $state.snapshot(form.specification) as Typed,
        model_id: form.model_id,
        promised_on: '',
    }));
    const errors = $derived(form.errors as Record<string, string | undefined>);
    const problems = $derived(specifying.problems(errors));

    function set(key: string, value: string | Row[]): void {
        form.specification = withField($state.snapshot(form.specification) as Typed, key, value);
        form.clearErrors(`specification.${key}` as never);
    }

    function save(event: SubmitEvent): void {
        event.preventDefault();
        if (sketch.id === null) form.post(route('enquiries.sketch', sketch.enquiry), { preserveScroll: true });
        else form.put(route('sketches.one', sketch.id), { preserveScroll: true });
    }
</script>

<svelte:head><title>Sketch for {sketch.client} · Regimen</title></svelte:head>

<p class="quiet">
    <a class="target" use:inertia href={route('enquiries.one', sketch.enquiry)}>Enquiry of {sketch.client}</a>
</p>
<h1>{sketch.id === null ? 'A sketch' : sketch.name} for {sketch.client}</h1>
<p class="quiet whitespace-pre-line">“{sketch.wishes}”</p>

<div class="grid grid-cols-[minmax(0,1fr)_20.5rem] gap-10 mt-[0.9rem] items-start max-desk:grid-cols-1 max-desk:gap-4">
    <form class="sketch" data-watched onsubmit={save} novalidate>
        <div class="grid grid-cols-2 gap-4 max-md:grid-cols-1">
            <Field
                name="name"
                label="Name of the sketch"
                bind:value={form.name}
                error={form.errors.name}
                hint="what tells it from the others"
            />
            {#if sketch.models.length > 0}
                <Field
                    name="model_id"
                    label="Begin from"
                    bind:value={form.model_id}
                    error={errors.model_id}
                    options={[
                        { value: '', words: 'the house’s own way' },
                        ...sketch.models.map((model) => ({ value: String(model.id), words: model.name })),
                    ]}
                />
            {/if}
        </div>
        <Feel wishes={sketch.wishesToAsk} specification={form.specification} onset={set} />
        <SpecificationFields
            specification={form.specification}
            fields={sketch.fields}
            values={specifying.forecast?.values ?? {}}
            {problems}
            onset={set}
        />
        <button class="do mt-3" type="submit" disabled={form.processing}>Save the sketch</button>
    </form>
    <ForecastSheet
        forecast={specifying.forecast}
        shown={specifying.shown}
        currency={sketch.currency}
        asking={specifying.asking}
        silence={specifying.silence}
    />
</div>

<style>
    .sketch :global(section) {
        margin-top: 1.2rem;
    }
</style>
