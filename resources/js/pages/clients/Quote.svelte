<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import { untrack } from 'svelte';
    import BecauseForm from '@/components/clients/BecauseForm.svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import Instrument from '@/components/Instrument.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';
    import type { QuoteProps } from '@/lib/props';

    const quote: QuoteProps = $props();

    const act = new Act();
    let said = $state(untrack(() => ({ accepted_by: quote.client, how: '', on: quote.today })));

    function accept(event: SubmitEvent): void {
        event.preventDefault();
        act.post(route('quotes.accept', quote.id), { ...said, version: quote.version });
    }
</script>

<svelte:head><title>{quote.headline} · Regimen</title></svelte:head>

<p class="quiet screen-only">
    <a class="target" use:inertia href={route('enquiries.one', quote.enquiry)}>Enquiry of {quote.client}</a>
</p>
<h1>{quote.headline}</h1>
{#if quote.state}
    <p class="tight" data-state>
        {quote.state}
        {#if quote.build}<a use:inertia href={route('builds.show', quote.build)}>No. {quote.build}</a>{/if}
    </p>
{:else if quote.standing}<p class={quote.isOff ? 'late' : 'quiet'} data-standing>{quote.standing}</p>{/if}

{#snippet list(pairs: string[][])}
    <dl>
        {#each pairs as [name, value] (name)}
            <div class="grid grid-cols-[11rem_1fr] gap-x-4 border-b border-b-rule py-1 max-md:grid-cols-1">
                <dt class="quiet">{name}</dt>
                <dd>{value}</dd>
            </div>
        {/each}
    </dl>
{/snippet}

<div class="grid grid-cols-[minmax(0,1.4fr)_minmax(0,1fr)] gap-8 mt-4 items-start max-desk:grid-cols-1">
    <section aria-labelledby="what">
        <h2 id="what" class="border-t-2 border-t-ink pt-2">{quote.what}</h2>
        {#if quote.drawing}
            <div class="h-32 my-3"><Instrument drawing={quote.drawing} words={quote.what} /></div>
        {/if}
        {@render list(quote.facts)}
    </section>
    <section aria-labelledby="cost">
        <h2 id="cost" class="border-t-2 border-t-ink pt-2">Price and date</h2>
        {@render list(quote.lines)}
        {#if quote.depends.length > 0}
            <p class="mt-3">The date depends on:</p>
            <ul>
                {#each quote.depends as one (one)}<li class="border-b border-b-rule py-1">{one}</li>{/each}
            </ul>
        {/if}
        <div class="said-by-shop mt-3">
            <!-- The server made it out of Markdown; what looks like HTML in it stands as text. -->
            <!-- eslint-disable-next-line svelte/no-at-html-tags -->
            {@html quote.words}
        </div>
        <p class="screen-only flex flex-wrap gap-3 mt-3">
            <a class="act" href={route('quotes.sheet', [quote.id, 'a4'])} download>PDF, A4</a>
            <a class="act" href={route('quotes.sheet', [quote.id, 'letter'])} download>PDF, Letter</a>
        </p>
    </section>
</div>

{#if quote.open}
    <section class="mt-8 screen-only" aria-labelledby="answer">
        <h2 id="answer" class="border-t-2 border-t-ink pt-2">The answer</h2>
        <form class="grid grid-cols-4 gap-4 items-start mt-2 max-desk:grid-cols-2" onsubmit={accept} novalidate>
            <Field
                name="accepted_by"
                label="Accepted by"
                bind:value={said.accepted_by}
                error={act.errors.accepted_by}
            />
            <Field
                name="how"
                label="How"
                bind:value={said.how}
                error={act.errors.how}
                hint="by mail, in the shop, on the telephone"
            />
            <Field name="on" label="On" type="date" past bind:value={said.on} error={act.errors.on} />
            <div class="col-span-full">
                <button class="do" type="submit" disabled={act.busy}>It is accepted: take the commission</button>
                <ErrorLine text={act.other('accepted_by', 'how', 'on')} />
            </div>
        </form>
        <div class="mt-4">
            <BecauseForm words="Withdraw it" url={route('quotes.withdraw', quote.id)} version={quote.version} />
        </div>
    </section>
{/if}

<style>
    .said-by-shop :global(:is(p, ul, ol, h1, h2, h3)) {
        margin-top: 0.5rem;
    }

    .said-by-shop :global(ul) {
        list-style: disc;
        padding-left: 1.2rem;
    }

    .said-by-shop :global(ol) {
        list-style: decimal;
        padding-left: 1.2rem;
    }
</style>
