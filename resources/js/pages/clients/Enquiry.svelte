<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import BecauseForm from '@/components/clients/BecauseForm.svelte';
    import EnquiryForm from '@/components/clients/EnquiryForm.svelte';
    import Pictures from '@/components/clients/Pictures.svelte';
    import SketchColumn from '@/components/clients/SketchColumn.svelte';
    import { route } from '@/lib/address';
    import { calendarDay, moment } from '@/lib/time';
    import type { EnquiryProps } from '@/lib/props';

    const enquiry: EnquiryProps = $props();
    let changing = $state(false);
</script>

<svelte:head><title>Enquiry of {enquiry.client} · Regimen</title></svelte:head>

<p class="quiet">
    <a class="target" use:inertia href={route('enquiries')}>Enquiries</a> ·
    <a class="target" use:inertia href={route('clients.one', enquiry.clientId)}>{enquiry.client}</a>
</p>
<h1>{enquiry.headline}</h1>
{#if enquiry.closed}<p class="tight">Closed: {enquiry.closed}.</p>{/if}

<div class="grid grid-cols-[minmax(0,2fr)_minmax(0,1fr)] gap-8 mt-2 max-desk:grid-cols-1">
    <section aria-label="What they would like">
        <p class="whitespace-pre-line">“{enquiry.wishes}”</p>
        <p class="small quiet mt-1">
            {moment(enquiry.at)}{enquiry.budget
                ? `; budget ${enquiry.budget} ${enquiry.currency}`
                : '; no budget was said'}{enquiry.wantedBy ? `; wanted by ${calendarDay(enquiry.wantedBy)}` : ''}
        </p>
        {#if enquiry.likes}<p class="small mt-1">{enquiry.client}: {enquiry.likes}.</p>{/if}
    </section>
    {#if enquiry.quotes.length > 0}
        <section aria-label="Quotes">
            <ul>
                {#each enquiry.quotes as one (one.id)}
                    <li class="border-b border-b-rule py-1">
                        <a class="plain target" use:inertia href={route('quotes.one', one.id)}
                            ><b>{one.name}</b> <span class="figure">{one.price}</span>
                            <span class={['small block', !one.open && 'quiet']}>{one.words}</span></a
                        >
                    </li>
                {/each}
            </ul>
        </section>
    {/if}
</div>

<Pictures enquiry={enquiry.id} pictures={enquiry.pictures} open={enquiry.closed === null} />

<h2 class="mt-6">Sketches</h2>
<div class="grid grid-cols-3 gap-8 mt-2 items-start max-desk:grid-cols-1">
    {#each enquiry.sketches as sketch (sketch.id)}
        <SketchColumn
            {sketch}
            dates={enquiry.dates?.find((one) => one.sketch === sketch.id)}
            open={enquiry.closed === null}
            currency={enquiry.currency}
            wantedBy={enquiry.wantedBy}
        />
    {:else}
        <p class="quiet">None yet. Sketch two or three: what they asked for, and what would suit the budget.</p>
    {/each}
</div>

{#if enquiry.closed === null}
    <p class="flex flex-wrap gap-4 mt-6 items-end">
        <a class="do" use:inertia href={route('enquiries.sketch', enquiry.id)}>Sketch it</a>
        <button class="act" type="button" aria-expanded={changing} onclick={() => (changing = !changing)}
            >Change what was said</button
        >
    </p>
    <div class="mt-3">
        <BecauseForm words="Close" url={route('enquiries.close', enquiry.id)} version={enquiry.version} />
    </div>
    {#if changing}<EnquiryForm {enquiry} done={() => (changing = false)} />{/if}
{/if}
