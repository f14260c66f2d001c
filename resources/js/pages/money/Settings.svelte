<script lang="ts">
    import { untrack } from 'svelte';
    import { useForm } from '@inertiajs/svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import MoneyPages from '@/components/money/MoneyPages.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';
    import type { SettingsProps } from '@/lib/props';

    const props: SettingsProps = $props();
    const said = (key: string): string => props.seller[key] ?? '';
    const form = useForm(
        untrack(() => ({
            version: props.version,
            name: said('name'),
            address: said('address'),
            country: said('country'),
            tax_id: said('tax_id'),
            local_tax_id: said('local_tax_id'),
            registration: said('registration'),
            account: said('account'),
            email: said('email'),
            pay_days: props.payDays,
            unpaid_holds: props.unpaidHolds,
            refund_rule: props.refundRule,
            price_way: props.priceWay,
            stages: props.stagePayments.map((one) => ({ ...one })),
        })),
    );
    const errors = $derived(form.errors as Record<string, string | undefined>);
    const act = new Act();
    const dropping = new Act();
    let tax = $state(
        untrack(() => ({ country: said('country'), name: 'usual', category: 'S', percent: '', reason: '' })),
    );
    const countries = $derived([{ value: '', words: 'not said' }, ...props.countries]);

    function save(event: SubmitEvent): void {
        event.preventDefault();
        form.version = props.version;
        form.put(route('money.settings'), { preserveScroll: true });
    }

    function setTax(event: SubmitEvent): void {
        event.preventDefault();
        act.post(route('money.taxes'), tax, () => (tax = { ...tax, percent: '', reason: '' }));
    }
</script>

<svelte:head><title>Who sells and which tax · Regimen</title></svelte:head>

<MoneyPages />
<h1>Who sells, and which tax is on it</h1>
<p class="quiet">
    What invoices say. Which tax is right, and what an invoice must say, the law of your country and a tax adviser tell.
</p>

<form data-watched class="mt-4 grid gap-6" onsubmit={save} novalidate>
    <section aria-labelledby="seller">
        <h2 id="seller" class="border-t-2 border-t-ink pt-2">Who sells</h2>
        <div class="grid grid-cols-3 gap-4 mt-2 items-start max-desk:grid-cols-1">
            <Field name="name" label="Name" bind:value={form.name} error={errors.name} />
            <Field
                name="address"
                label="Address"
                type="textarea"
                rows={3}
                bind:value={form.address}
                error={errors.address}
                hint="the last line: postcode and town"
            />
            <Field
                name="country"
                label="Country"
                bind:value={form.country}
                error={errors.country}
                options={countries}
            />
            <Field
                name="tax_id"
                label="Identifier for the tax"
                bind:value={form.tax_id}
                error={errors.tax_id}
                hint="with the country before it, like DE123456788"
            />
            <Field
                name="local_tax_id"
                label="Number at the tax office"
                bind:value={form.local_tax_id}
                error={errors.local_tax_id}
            />
            <Field
                name="registration"
                label="Number in the register of companies"
                bind:value={form.registration}
                error={errors.registration}
            />
            <Field
                name="account"
                label="Account to pay to"
                bind:value={form.account}
                error={errors.account}
                hint="IBAN, or what serves as it"
            />
            <Field name="email" label="Mail" bind:value={form.email} error={errors.email} />
        </div>
    </section>
    <section aria-labelledby="terms">
        <h2 id="terms" class="border-t-2 border-t-ink pt-2">How a price is made and paid</h2>
        <div class="grid grid-cols-3 gap-4 mt-2 items-start max-desk:grid-cols-1">
            <Field
                name="price_way"
                label="On top of the cost comes"
                bind:value={form.price_way}
                error={errors.price_way}
                options={props.ways}
                hint="how much of it: under House"
            />
            <Field name="pay_days" label="Days to pay" bind:value={form.pay_days} error={errors.pay_days} />
            <Field
                name="unpaid_holds"
                label="A payment that is overdue"
                bind:value={form.unpaid_holds}
                error={errors.unpaid_holds}
                options={[
                    { value: '0', words: 'holds no work up' },
                    { value: '1', words: 'holds up what comes after it' },
                ]}
            />
            <Field
                name="refund_rule"
                label="When it is cancelled the shop keeps"
                bind:value={form.refund_rule}
                error={errors.refund_rule}
                options={props.refunds}
            />
        </div>
        <p class="quiet mt-3">Stages after which a part of the price is paid; the rest is the balance.</p>
        {#each form.stages as stage, at (at)}
            <div class="flex flex-wrap gap-4 items-end mt-2" data-stage>
                <Field
                    name={`stage-${at}`}
                    label="When it is done"
                    bind:value={stage.stage}
                    error={errors[`stages.${at}.stage`]}
                    options={props.stages}
                />
                <Field
                    name={`percent-${at}`}
                    label="Share of the price, %"
                    bind:value={stage.percent}
                    error={errors[`stages.${at}.percent`]}
                />
                <button
                    class="act"
                    type="button"
                    onclick={() => (form.stages = form.stages.filter((_, other) => other !== at))}>Take it out</button
                >
            </div>
        {/each}
        <ErrorLine text={errors.stages} />
        <p class="mt-2">
            <button
                class="act"
                type="button"
                onclick={() => (form.stages = [...form.stages, { stage: 'body', percent: '20' }])}
                >A stage payment more</button
            >
        </p>
    </section>
    <p><button class="do" type="submit" disabled={form.processing}>Save</button></p>
</form>

<section class="mt-6" aria-labelledby="taxes">
    <h2 id="taxes" class="border-t-2 border-t-ink pt-2">Tax, by the country of the client</h2>
    <ul>
        {#each props.taxes as one (one.id)}
            <li class="flex flex-wrap gap-x-4 border-b border-b-rule py-2 items-center" data-tax={one.id}>
                <span class="grow"><b>{one.country}</b>, {one.name}: {one.words}</span>
                <button
                    class="act"
                    type="button"
                    disabled={dropping.busy}
                    onclick={() => dropping.send('delete', route('money.taxes.one', one.id))}>Take it out</button
                >
            </li>
        {:else}
            <li class="quiet py-2">None is set; without one no invoice can be written.</li>
        {/each}
    </ul>
    <form class="grid grid-cols-3 gap-4 mt-3 items-start max-desk:grid-cols-1" onsubmit={setTax} novalidate>
        <Field
            name="tax-country"
            label="For clients in"
            bind:value={tax.country}
            error={act.errors.country}
            options={countries}
        />
        <Field
            name="category"
            label="It is"
            bind:value={tax.category}
            error={act.errors.category}
            options={props.categories}
        />
        <Field name="percent" label="Rate, %" bind:value={tax.percent} error={act.errors.percent} hint="0 for none" />
        <Field
            name="tax-name"
            label="What you call it"
            bind:value={tax.name}
            error={act.errors.name}
            hint="tells several of one country apart"
        />
        <Field
            name="reason"
            label="Why there is none"
            bind:value={tax.reason}
            error={act.errors.reason}
            hint="as invoices have to say it"
        />
        <div class="col-span-full">
            <button class="act" type="submit" disabled={act.busy}>Set it</button>
            <ErrorLine text={act.other('country', 'category', 'percent', 'name', 'reason')} />
        </div>
    </form>
</section>
