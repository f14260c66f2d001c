<!-- Something is wrong, told within a minute: what happened, on which piece, when, with a photograph. -->
<script lang="ts">
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import type { TellForm } from '@/lib/props';

    interface Props {
        form: TellForm;
        errors: Record<string, string>;
        busy: boolean;
        /** At the bench the one under the hand, if it is begun. */
        atOperation?: string;
        onsend: (said: Record<string, string>, photograph: File | null) => void;
    }

    const { form, errors, busy, atOperation = '', onsend }: Props = $props();

    /** On a sheet there is room for more. */
    const full = $derived(form.resources.length > 0);

    // svelte-ignore state_referenced_locally
    let said = $state<Record<string, string>>({
        mishap: '',
        piece: '',
        operation: atOperation,
        fret: '',
        text: '',
        at: '',
        field: '',
        value: '',
        resource: '',
        until: '',
    });
    let photograph = $state<File | null>(null);

    const mishap = $derived(form.mishaps.find((one) => one.value === said.mishap));
    const pieces = $derived(mishap?.delay ? [] : (mishap?.pieces ?? []));
    const measures = $derived(
        form.measures.find((one) => one.value === (said.piece === 'top' ? 'body' : said.piece))?.fields ?? [],
    );

    /** Only what the chosen kind asks for is sent. */
    function send(event: SubmitEvent): void {
        event.preventDefault();
        onsend(
            {
                ...said,
                piece: pieces.includes(said.piece ?? '') ? (said.piece ?? '') : '',
                fret: mishap?.fret ? (said.fret ?? '') : '',
                field: measures.some((one) => one.value === said.field) ? (said.field ?? '') : '',
                value: measures.some((one) => one.value === said.field) ? (said.value ?? '') : '',
                resource: mishap?.value === 'machine-down' ? (said.resource ?? '') : '',
                until: mishap?.delay && mishap.value !== 'too-cold' ? (said.until ?? '') : '',
            },
            photograph,
        );
    }
</script>

<form class="grid gap-3 mt-2" onsubmit={send} data-tell>
    <Field
        name="mishap"
        label="What happened"
        options={[{ value: '', words: 'choose, or write it below' }, ...form.mishaps]}
        bind:value={said.mishap}
        error={errors.mishap}
    />
    {#if pieces.length > 1}
        <Field
            name="piece"
            label="On which piece"
            options={[{ value: '', words: 'not one of them' }, ...pieces.map((one) => ({ value: one, words: one }))]}
            bind:value={said.piece}
            error={errors.piece}
        />
    {/if}
    {#if mishap?.fret}
        <div class="w-40">
            <Field name="fret" label="Slot of fret" hint="9" bind:value={said.fret} error={errors.fret} />
        </div>
    {/if}
    {#if mishap?.value === 'machine-down'}
        <Field
            name="resource"
            label="Which machine"
            options={[{ value: '', words: 'choose' }, ...form.resources]}
            bind:value={said.resource}
            error={errors.resource}
        />
    {/if}
    {#if mishap?.delay && mishap.value !== 'too-cold'}
        <Field name="until" label="Until" type="moment" bind:value={said.until} error={errors.until} />
    {/if}
    <Field
        name="text"
        label="In your own words"
        type="textarea"
        rows={2}
        bind:value={said.text}
        error={errors.text ?? errors.build}
    />
    {#if form.operations.length > 0 && !mishap?.delay}
        <Field
            name="operation"
            label="At which operation"
            options={[{ value: '', words: 'at none of them' }, ...form.operations]}
            bind:value={said.operation}
            error={errors.operation}
        />
    {:else}
        <ErrorLine text={errors.operation} />
    {/if}
    {#if full}
        <div class="grid grid-cols-2 gap-3 max-md:grid-cols-1">
            <Field
                name="at"
                label="When"
                type="moment"
                hint="empty: just now"
                past
                bind:value={said.at}
                error={errors.at}
            />
            {#if measures.length > 0}
                <Field
                    name="field"
                    label="What is otherwise now"
                    options={[{ value: '', words: 'not measured' }, ...measures]}
                    bind:value={said.field}
                    error={errors.field}
                />
            {/if}
        </div>
        {#if said.field !== '' && measures.length > 0}
            <div class="w-48">
                <Field name="value" label="It measures" hint="14.6 mm" bind:value={said.value} error={errors.value} />
            </div>
        {/if}
    {/if}
    <div class="pair">
        <button class="do min-h-[3rem]" type="submit" disabled={busy}>Write it down</button>
        <label class="act min-h-[3rem] justify-center cursor-pointer">
            {photograph === null ? 'With a photograph' : photograph.name}
            <input
                class="sr-only"
                type="file"
                name="photograph"
                accept="image/jpeg,image/png,image/webp"
                onchange={(event) => (photograph = event.currentTarget.files?.[0] ?? null)}
            />
        </label>
    </div>
    <ErrorLine text={errors.photograph} />
</form>

<style>
    .pair {
        display: grid;
        grid-template-columns: 1fr 1fr;
        gap: 0.6rem;
    }
</style>
