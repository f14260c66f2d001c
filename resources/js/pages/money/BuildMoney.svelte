<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import PapersList from '@/components/money/Papers.svelte';
    import Parts from '@/components/money/Parts.svelte';
    import PayForm from '@/components/money/PayForm.svelte';
    import Payments from '@/components/money/Payments.svelte';
    import Sell from '@/components/money/Sell.svelte';
    import Rows from '@/components/money/Rows.svelte';
    import WhatIf from '@/components/money/WhatIf.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';
    import type { BuildMoneyProps } from '@/lib/props';

    const props: BuildMoneyProps = $props();
    const act = new Act();
</script>

<svelte:head><title>Money of {props.number} · Regimen</title></svelte:head>

<p class="quiet">
    <a class="target" use:inertia href={route('builds.show', props.number)}>{props.number} · {props.title}</a>
    {#if props.clientId}· <a class="target" use:inertia href={route('clients.one', props.clientId)}>{props.client}</a
        >{/if}
    · <a class="target" use:inertia href={route('money')}>money of the shop</a>
</p>
<h1>{props.headline}</h1>
<p class="quiet">{props.under}</p>

<div class="grid grid-cols-2 gap-8 mt-4 items-start max-desk:grid-cols-1">
    <div class="grid gap-6">
        <section aria-labelledby="parts">
            <h2 id="parts" class="border-t-2 border-t-ink pt-2">
                {props.price ? `${props.price}, in parts` : 'What is to be paid'}
            </h2>
            {#if !props.clientId}
                <Sell
                    number={props.number}
                    version={props.version}
                    currency={props.currency}
                    price={props.price.replace(/ [A-Z]{3}$/, '')}
                    clients={props.clients}
                />
            {:else}{#key props.version}
                    <Parts
                        number={props.number}
                        version={props.version}
                        currency={props.currency}
                        parts={props.parts}
                        stages={props.stages}
                        taxes={props.taxes}
                        tax={props.tax}
                    />
                {/key}{/if}
            {#if props.price && props.clientId}
                <p class="mt-3" data-price-by>
                    {#if props.priceBy === 'effort'}
                        By effort, at most {props.price}. It comes to {props.effort} so far.
                        <button
                            class="act"
                            type="button"
                            disabled={act.busy}
                            onclick={() =>
                                act.post(route('builds.money.settle', props.number), { version: props.version })}
                            >That is the price</button
                        >
                        <button
                            class="act"
                            type="button"
                            disabled={act.busy}
                            onclick={() =>
                                act.send('put', route('builds.money.price', props.number), {
                                    version: props.version,
                                    way: 'fixed',
                                })}>Fix it at {props.price}</button
                        >
                    {:else}
                        The price is fixed.
                        <button
                            class="act"
                            type="button"
                            disabled={act.busy}
                            onclick={() =>
                                act.send('put', route('builds.money.price', props.number), {
                                    version: props.version,
                                    way: 'effort',
                                })}>By effort, with it as the ceiling</button
                        >
                    {/if}
                </p>
                <ErrorLine text={act.other()} />
            {/if}
        </section>
        <section aria-labelledby="paid">
            <h2 id="paid" class="border-t-2 border-t-ink pt-2">Paid</h2>
            <Payments payments={props.payments} />
            <Rows rows={props.standing} />
        </section>
        {#if props.papers.length > 0}
            <section aria-labelledby="papers">
                <h2 id="papers" class="border-t-2 border-t-ink pt-2">Invoices and credit notes</h2>
                <PapersList papers={props.papers} none="" />
            </section>
        {/if}
        <section aria-labelledby="quoted">
            <h2 id="quoted" class="border-t-2 border-t-ink pt-2">Quoted, and what it came to</h2>
            <table>
                <thead
                    ><tr><th></th><th class="text-right">when it was taken</th><th class="text-right">recorded</th></tr
                    ></thead
                >
                <tbody>
                    {#each props.quoted as one (one.name)}
                        <tr data-quoted={one.name}
                            ><td>{one.name}</td><td class="figure text-right quiet">{one.quoted}</td><td
                                class="figure text-right">{one.actual}</td
                            ></tr
                        >
                    {/each}
                </tbody>
            </table>
            {#if props.why.length > 0}
                <h3 class="mt-3">Why</h3>
                <Rows rows={props.why} />
            {/if}
        </section>
    </div>
    <div class="grid gap-6">
        <section aria-labelledby="made">
            <h2 id="made" class="border-t-2 border-t-ink pt-2">What the price is made of</h2>
            <WhatIf
                number={props.number}
                currency={props.currency}
                made={props.made}
                against={props.against}
                asked={props.asked}
                choices={props.choices}
                problem={props.problem}
            />
        </section>
        {#if props.cancelling}
            <section aria-labelledby="cancelling" data-cancelling>
                <h2 id="cancelling" class="border-t-2 border-t-ink pt-2">{props.cancelling.words}</h2>
                <Rows rows={props.cancelling.rows} />
                {#if props.cancelling.elsewhere.length > 0}
                    <details class="mt-2">
                        <summary class="quiet min-h-11">What can be used elsewhere</summary>
                        <p class="small">{props.cancelling.elsewhere.join(', ')}</p>
                    </details>
                {/if}
                {#if props.cancelling.back}
                    {#key props.cancelling.back}
                        <PayForm
                            url={route('builds.money.back', props.number)}
                            amount={props.cancelling.back}
                            currency={props.currency}
                            today={props.today}
                            words="It went back"
                        />
                    {/key}
                {/if}
            </section>
        {/if}
    </div>
</div>
