<script lang="ts">
    import { untrack } from 'svelte';
    import { useForm } from '@inertiajs/svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import FileField from '@/components/FileField.svelte';
    import MoneyPages from '@/components/money/MoneyPages.svelte';
    import { lookAt } from '@/lib/look';
    import { route } from '@/lib/address';
    import { calendarDay } from '@/lib/time';
    import type { BankLooked, BankProps } from '@/lib/props';

    const props: BankProps = $props();
    const columns = useForm(
        untrack(() => ({
            version: props.version,
            date: props.date,
            amount: props.amount,
            words: props.words,
            currency: props.currency,
            day_first: props.dayFirst ? '1' : '0',
        })),
    );
    const form = useForm({ file: null as File | null, chosen: {} as Record<string, string> });
    let changing = $state(untrack(() => !props.isSet));
    let seen = $state<BankLooked | null>(null);
    let silence = $state('');
    let meant = $state<Record<string, string>>({});
    const taken = $derived(Object.values(meant).filter(Boolean).length);

    async function choose(file: File): Promise<void> {
        form.file = file;
        form.clearErrors();
        const data = new FormData();
        data.append('file', file);
        const answer = await lookAt<BankLooked>(route('money.bank.look'), data);
        silence = typeof answer === 'string' ? answer : answer.problem;
        seen = typeof answer === 'string' || answer.problem ? null : answer;
        meant = Object.fromEntries(
            (seen?.rows ?? []).map((one) => [one.fingerprint, one.isCertain ? one.invoice : '']),
        );
    }

    function save(event: SubmitEvent): void {
        event.preventDefault();
        columns.version = props.version;
        columns.put(route('money.bank'), { preserveScroll: true, onSuccess: () => (changing = false) });
    }

    function take(event: SubmitEvent): void {
        event.preventDefault();
        form.chosen = Object.fromEntries(Object.entries(meant).filter(([, invoice]) => invoice !== ''));
        form.post(route('money.bank'));
    }
</script>

<svelte:head><title>The bank’s file · Regimen</title></svelte:head>

<MoneyPages />
<h1>What came, from the bank’s file</h1>
<p class="quiet">
    A CSV as the bank gives it. It is looked at first; what is taken is what you leave chosen. The same payment is never
    taken twice.
</p>

<section class="mt-4" aria-labelledby="columns">
    <h2 id="columns" class="border-t-2 border-t-ink pt-2">How your bank names its columns</h2>
    {#if changing}
        <form class="grid grid-cols-3 gap-4 mt-2 items-start max-desk:grid-cols-1" onsubmit={save} novalidate>
            <Field name="date" label="The day" bind:value={columns.date} error={columns.errors.date} />
            <Field
                name="amount"
                label="The amount"
                bind:value={columns.amount}
                error={columns.errors.amount}
                hint="what went stands below zero"
            />
            <Field
                name="currency"
                label="The currency"
                bind:value={columns.currency}
                error={columns.errors.currency}
                hint="left empty where there is none"
            />
            <Field
                name="words"
                label="Name and purpose"
                bind:value={columns.words}
                error={columns.errors.words}
                hint="several with commas between"
            />
            <Field
                name="day_first"
                label="03/04/2026 is"
                bind:value={columns.day_first}
                error={columns.errors.day_first}
                options={[
                    { value: '1', words: 'the third of April' },
                    { value: '0', words: 'the fourth of March' },
                ]}
            />
            <div class="col-span-full">
                <button class="do" type="submit" disabled={columns.processing}>Save</button>
            </div>
        </form>
    {:else}
        <p>
            {props.date}, {props.amount}, {props.words}{props.currency ? `, ${props.currency}` : ''}
            <button class="word" type="button" onclick={() => (changing = true)}>Change</button>
        </p>
    {/if}
</section>

{#if props.isSet}
    <form class="mt-4" novalidate onsubmit={take}>
        <FileField
            words="Choose the bank’s file (.csv)"
            accept={['.csv', '.txt', 'text/csv']}
            chosen={form.file?.name}
            error={form.errors.file ?? ''}
            onfile={(file) => void choose(file)}
        />
        {#if silence}<div class="mt-2"><ErrorLine text={silence} /></div>{/if}
        {#if seen}
            <section class="sheet mt-4" data-came>
                <h2>{seen.words}</h2>
                <ul>
                    {#each seen.rows as one (one.fingerprint)}
                        <li class="grid grid-cols-[1fr_auto] gap-x-4 border-t border-t-rule py-2 items-start">
                            <span
                                >{calendarDay(one.on)}, {one.words}
                                <span class={['small block', one.isCertain ? '' : one.isTaken ? 'quiet' : 'tight']}
                                    >{one.because}</span
                                ></span
                            >
                            <span class="figure text-right">{one.amount}</span>
                            {#if !one.isTaken}
                                <div class="col-span-full max-w-[28rem]">
                                    <Field
                                        name={`for-${one.fingerprint}`}
                                        label="is for"
                                        bind:value={
                                            () => meant[one.fingerprint] ?? '',
                                            (value) => (meant[one.fingerprint] = value)
                                        }
                                        options={[
                                            {
                                                value: '',
                                                words: one.invoice
                                                    ? 'not taken: choose if it is meant for one'
                                                    : 'none of the invoices',
                                            },
                                            ...seen.invoices,
                                        ]}
                                    />
                                </div>
                            {/if}
                        </li>
                    {/each}
                </ul>
            </section>
            <button class="do mt-3" type="submit" disabled={form.processing || taken === 0}
                >{taken === 1 ? 'Take one payment' : `Take ${taken} payments`}</button
            >
        {/if}
    </form>
{/if}
