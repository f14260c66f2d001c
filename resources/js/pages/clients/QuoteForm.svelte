<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import { untrack } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';
    import type { QuoteFormProps } from '@/lib/props';

    const quote: QuoteFormProps = $props();

    const act = new Act();
    let said = $state(
        untrack(() => ({
            ...quote.said,
            replaces: quote.open.length === 1 ? String(quote.open[0]?.id) : '',
        })) as Record<string, string>,
    );

    function send(event: SubmitEvent): void {
        event.preventDefault();
        act.post(route('sketches.quote', quote.sketch), { ...said, version: quote.version });
    }
</script>

<svelte:head><title>A quote for {quote.client} · Regimen</title></svelte:head>

<p class="quiet">
    <a class="target" use:inertia href={route('enquiries.one', quote.enquiry)}>Enquiry of {quote.client}</a>
</p>
<h1>A quote for {quote.client}: {quote.name}</h1>
<p class="quiet">{quote.because} Nothing is sent by itself.</p>

<form data-watched class="grid grid-cols-4 gap-4 mt-4 items-start max-desk:grid-cols-2" onsubmit={send} novalidate>
    <div class="col-span-full">
        <Field name="what" label="What is quoted" bind:value={said.what} error={act.errors.what} />
    </div>
    <Field
        name="price"
        label={`Price, tax included, ${quote.currency}`}
        bind:value={said.price}
        error={act.errors.price}
    />
    <Field name="tax" label="Tax in it, %" bind:value={said.tax} error={act.errors.tax} />
    <Field name="deposit" label={`Deposit, ${quote.currency}`} bind:value={said.deposit} error={act.errors.deposit} />
    {#if quote.open.length > 0}
        <Field
            name="replaces"
            label="Stands for"
            bind:value={said.replaces}
            error={act.errors.replaces}
            options={[
                { value: '', words: 'itself: a quote of its own' },
                ...quote.open.map((one) => ({ value: String(one.id), words: `${one.name}, as its next edition` })),
            ]}
        />
    {/if}
    <Field
        name="promised_on"
        label="Ready on"
        type="date"
        bind:value={said.promised_on}
        error={act.errors.promised_on}
    />
    <Field
        name="valid_until"
        label="Valid until"
        type="date"
        bind:value={said.valid_until}
        error={act.errors.valid_until}
    />
    <div class="col-span-2">
        <Field
            name="depends"
            label="What the date depends on, a line each"
            type="textarea"
            rows={3}
            bind:value={said.depends}
            error={act.errors.depends}
        />
    </div>
    <div class="col-span-full">
        <Field
            name="words"
            label="What stands under it, in Markdown"
            type="textarea"
            rows={6}
            bind:value={said.words}
            error={act.errors.words}
        />
    </div>
    <div class="col-span-full">
        <button class="do" type="submit" disabled={act.busy}>Write the quote</button>
        <ErrorLine
            text={act.other(
                'what',
                'price',
                'tax',
                'deposit',
                'promised_on',
                'valid_until',
                'depends',
                'words',
                'replaces',
            )}
        />
    </div>
</form>
