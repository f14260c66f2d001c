<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import MoneyPages from '@/components/money/MoneyPages.svelte';
    import Papers from '@/components/money/Papers.svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';
    import type { MoneyProps } from '@/lib/props';

    const props: MoneyProps = $props();
    const act = new Act();
    const WIDE = 220;
</script>

<svelte:head><title>Money · Regimen</title></svelte:head>

<MoneyPages />
<h1>{props.headline}</h1>
<p class="quiet">{props.under}</p>
{#if props.missing}<p class="tight" data-missing>
        {props.missing} <a class="target" use:inertia href={route('money.settings')}>Write it down</a>
    </p>{/if}

<div class="grid grid-cols-[minmax(0,1.2fr)_minmax(0,1fr)] gap-8 mt-4 items-start max-desk:grid-cols-1">
    <div class="grid gap-6">
        <section aria-labelledby="owed">
            <h2 id="owed" class="border-t-2 border-t-ink pt-2">Owed</h2>
            <Papers papers={props.owed} none="Every invoice is paid." left />
        </section>
        <section aria-labelledby="due">
            <h2 id="due" class="border-t-2 border-t-ink pt-2">Can be invoiced now</h2>
            <ul>
                {#each props.due as one (one.id)}
                    <li class="grid grid-cols-[1fr_auto] gap-x-4 border-b border-b-rule py-2" data-due={one.id}>
                        <a class="plain" use:inertia href={route('builds.money', one.build)}
                            ><b>{one.build} · {one.title}</b>, {one.client}
                            <span class="small quiet block">{one.what}: {one.words}</span></a
                        >
                        <span class="text-right"
                            ><span class="figure block">{one.amount}</span>
                            <button
                                class="act"
                                type="button"
                                disabled={act.busy}
                                onclick={() =>
                                    act.post(route('payment-parts.invoice', one.id), { amount: one.minor, tax: null })}
                                >Write the invoice</button
                            ></span
                        >
                    </li>
                {:else}
                    <li class="quiet py-2">Nothing is waiting to be invoiced.</li>
                {/each}
            </ul>
            <ErrorLine text={act.other()} />
        </section>
    </div>
    <section aria-labelledby="weeks">
        <h2 id="weeks" class="border-t-2 border-t-ink pt-2">Comes in</h2>
        <p class="small quiet">
            By the plan and the terms: invoices when they are due, the rest when its stage is planned to be done.
        </p>
        <ul>
            {#each props.weeks as one (one.words)}
                <li class="border-b border-b-rule py-1" data-week={one.on}>
                    {#if one.amount}
                        <details>
                            <summary class="grid grid-cols-[1fr_auto] gap-x-3 items-center min-h-11">
                                <span class={one.on === '' && one.words.startsWith('due') ? 'late' : ''}
                                    >{one.words}
                                    <svg class="in-time block" width={WIDE} height="8" aria-hidden="true"
                                        ><rect class="labour" x="0" y="0" width={WIDE * one.share} height="7" /></svg
                                    ></span
                                >
                                <span class="figure">{one.amount}</span>
                            </summary>
                            <ul class="small quiet">
                                {#each one.of as words, at (at)}<li>{words}</li>{/each}
                            </ul>
                        </details>
                    {:else}<span class="small quiet">{one.words}: nothing</span>{/if}
                </li>
            {/each}
        </ul>
    </section>
</div>

<section class="mt-6" aria-labelledby="papers">
    <h2 id="papers" class="border-t-2 border-t-ink pt-2">Invoices and credit notes</h2>
    <p class="screen-only flex flex-wrap gap-4 my-2">
        <a class="act" href={route('money.file', [props.year, 'papers'])} download>All of {props.year} as CSV</a>
        <a class="act" href={route('money.file', [props.year, 'months'])} download>{props.year} by month as CSV</a>
    </p>
    <Papers papers={props.papers} none="None is written yet." />
</section>
