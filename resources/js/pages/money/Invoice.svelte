<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import BecauseForm from '@/components/clients/BecauseForm.svelte';
    import PayForm from '@/components/money/PayForm.svelte';
    import Payments from '@/components/money/Payments.svelte';
    import Rows from '@/components/money/Rows.svelte';
    import { route } from '@/lib/address';
    import { calendarDay } from '@/lib/time';
    import type { InvoiceProps } from '@/lib/props';

    const invoice: InvoiceProps = $props();
</script>

<svelte:head><title>{invoice.headline} · Regimen</title></svelte:head>

<p class="quiet screen-only">
    <a class="target" use:inertia href={route('money')}>Money</a> ·
    <a class="target" use:inertia href={route('builds.money', invoice.build)}>{invoice.build} · {invoice.title}</a>
</p>
<h1>{invoice.headline}</h1>
<p class={['screen-only', invoice.isLate ? 'late' : 'quiet']} data-state>
    {invoice.state}
    {#if invoice.other}<a use:inertia href={route('invoices.one', invoice.other)}>{invoice.otherName}</a>{/if}
</p>

<div class="grid grid-cols-2 gap-8 mt-4 max-desk:grid-cols-1">
    <section aria-labelledby="seller">
        <h2 id="seller" class="border-t-2 border-t-ink pt-2">From</h2>
        {#each invoice.seller as line, at (at)}<p>{line}</p>{/each}
    </section>
    <section aria-labelledby="buyer">
        <h2 id="buyer" class="border-t-2 border-t-ink pt-2">To</h2>
        {#each invoice.buyer as line, at (at)}<p>{line}</p>{/each}
        <p class="quiet mt-2">
            Written {calendarDay(invoice.issuedOn)}{invoice.dueOn
                ? `, to be paid by ${calendarDay(invoice.dueOn)}`
                : ''}
        </p>
    </section>
</div>
<section class="mt-4" aria-labelledby="lines">
    <h2 id="lines" class="border-t-2 border-t-ink pt-2">For, {invoice.currency}</h2>
    <div class="overflow-x-auto">
        <table>
            <thead><tr><th>What</th><th class="text-right">Tax</th><th class="text-right">Without tax</th></tr></thead>
            <tbody>
                {#each invoice.lines as line, at (at)}
                    <tr data-line>
                        <td>{line.text}</td>
                        <td class="figure text-right">{line.tax}</td>
                        <td class="figure text-right">{line.net}</td>
                    </tr>
                {/each}
            </tbody>
        </table>
    </div>
    <div class="max-w-[32rem] ml-auto"><Rows rows={invoice.sums} /></div>
</section>

<section class="screen-only mt-4" aria-labelledby="out">
    <h2 id="out" class="border-t-2 border-t-ink pt-2">To send</h2>
    <p class="flex flex-wrap gap-3 mt-2">
        <a class="act" href={route('invoices.sheet', [invoice.id, 'a4'])} download>PDF, A4</a>
        <a class="act" href={route('invoices.sheet', [invoice.id, 'letter'])} download>PDF, Letter</a>
        {#if !invoice.unstructured}<a class="act" href={route('invoices.structured', invoice.id)} download
                >Structured (EN 16931, UBL)</a
            >{/if}
    </p>
    {#if invoice.unstructured}<p class="tight" data-unstructured>{invoice.unstructured}</p>{/if}
    <p class="small quiet mt-1">
        Nothing is sent by itself. Whether an invoice is as the law wants it, a tax adviser says.
    </p>
</section>

<div class="screen-only grid grid-cols-2 gap-8 mt-6 items-start max-desk:grid-cols-1">
    <section aria-labelledby="paid">
        <h2 id="paid" class="border-t-2 border-t-ink pt-2">Paid</h2>
        <Payments payments={invoice.payments} />
        {#if invoice.stands}
            {#key invoice.left}
                <PayForm
                    url={route('invoices.payments', invoice.id)}
                    amount={invoice.left}
                    currency={invoice.currency}
                    today={invoice.today}
                    words="It came"
                    canBeSure
                />
            {/key}
        {/if}
    </section>
    {#if invoice.stands}
        <section aria-labelledby="cancel">
            <h2 id="cancel" class="border-t-2 border-t-ink pt-2">Take it back</h2>
            <p class="quiet">
                An invoice is never changed. A credit note with a number of its own takes it back; its part can be
                invoiced again, and what was paid counts for that one.
            </p>
            <div class="mt-2">
                <BecauseForm words="Take it back" url={route('invoices.cancel', invoice.id)} version={0} />
            </div>
        </section>
    {/if}
</div>
