<!-- In which parts a price is paid: what is invoiced stays, the rest can be divided otherwise. -->
<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import { untrack } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';
    import type { Option, PartRow } from '@/lib/props';

    interface Props {
        number: number;
        version: number;
        currency: string;
        parts: PartRow[];
        stages: Option[];
        taxes: Option[];
        tax: string;
    }

    const props: Props = $props();

    const act = new Act();
    const writing = new Act();
    let changing = $state(false);
    let tax = $state(untrack(() => props.tax));
    let rows = $state<Record<string, string>[]>([]);
    const WHEN = [
        { value: 'order', words: 'when it is ordered' },
        { value: 'stage', words: 'when a stage is done' },
        { value: 'delivery', words: 'before it is handed over' },
    ];

    function change(): void {
        rows = props.parts
            .filter((one) => one.invoice === null)
            .map((one) => ({ when: one.when, stage: one.stage || 'body', amount: one.amount }));
        changing = true;
    }

    function save(event: SubmitEvent): void {
        event.preventDefault();
        const parts = Object.fromEntries(rows.map((one, at) => [String(at), one]));
        act.send('put', route('builds.money.parts', props.number), { version: props.version, parts }, () => {
            changing = false;
        });
    }
</script>

<ul>
    {#each props.parts as one (one.id)}
        <li class="grid grid-cols-[1fr_auto] gap-x-4 border-b border-b-rule py-2" data-part={one.id}>
            <span
                ><b>{one.what}</b>
                <span class="small quiet block"
                    >{#if one.invoice}<a class="target" use:inertia href={route('invoices.one', one.invoice)}
                            >{one.words}</a
                        >{:else}{one.words}{/if}</span
                ></span
            >
            <span class="text-right">
                <span class="figure block">{one.amount}</span>
                {#if one.isDue}<button
                        class="act"
                        type="button"
                        disabled={writing.busy}
                        onclick={() =>
                            writing.post(route('payment-parts.invoice', one.id), {
                                amount: one.minor,
                                tax: tax || null,
                            })}>Write the invoice</button
                    >{/if}
            </span>
        </li>
    {:else}
        <li class="quiet py-2">No price is agreed, so nothing is to be paid.</li>
    {/each}
</ul>
<ErrorLine text={writing.errors.tax ?? writing.errors.seller ?? writing.errors.client ?? writing.other()} />
{#if props.taxes.length > 1}
    <div class="mt-2 max-w-[20rem]">
        <Field name="tax" label="Tax on what is invoiced" bind:value={tax} options={props.taxes} />
    </div>
{/if}
{#if !changing && props.parts.some((one) => one.invoice === null)}
    <p class="mt-2"><button class="act" type="button" onclick={change}>Divide it otherwise</button></p>
{:else if changing}
    <form class="grid gap-3 mt-3" onsubmit={save} novalidate>
        {#each rows as row, at (at)}
            <div class="grid grid-cols-[1fr_1fr_1fr_auto] gap-3 items-end max-desk:grid-cols-1" data-divide>
                <Field
                    name={`when-${at}`}
                    label="When"
                    bind:value={() => row.when ?? '', (value) => (row.when = value)}
                    options={WHEN}
                    error={act.errors[`parts.${at}.when`]}
                />
                {#if row.when === 'stage'}
                    <Field
                        name={`stage-${at}`}
                        label="Stage"
                        bind:value={() => row.stage ?? '', (value) => (row.stage = value)}
                        options={props.stages}
                        error={act.errors[`parts.${at}.stage`]}
                    />
                {:else}<span></span>{/if}
                <Field
                    name={`amount-${at}`}
                    label={`Amount, ${props.currency}`}
                    bind:value={() => row.amount ?? '', (value) => (row.amount = value)}
                    error={act.errors[`parts.${at}.amount`]}
                />
                <button class="act" type="button" onclick={() => (rows = rows.filter((_, other) => other !== at))}
                    >Take it out</button
                >
            </div>
        {/each}
        <ErrorLine text={act.errors.parts} />
        <p class="flex flex-wrap gap-3">
            <button
                class="act"
                type="button"
                onclick={() => (rows = [...rows, { when: 'stage', stage: 'body', amount: '' }])}>A part more</button
            >
            <button class="do" type="submit" disabled={act.busy}>Save</button>
            <button class="word" type="button" onclick={() => (changing = false)}>Cancel</button>
        </p>
    </form>
{/if}
