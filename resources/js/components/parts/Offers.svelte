<!-- Who sells a part, under which number, for how much. -->
<script lang="ts">
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';
    import type { OfferLine, Option } from '@/lib/props';

    interface Props {
        part: number;
        unit: string;
        offers: OfferLine[];
        suppliers: Option[];
        manager: boolean;
    }

    const { part, unit, offers, suppliers, manager }: Props = $props();

    const act = new Act();
    let said = $state({ supplier: '', number: '', cost: '', lead_days: '' });

    function change(one: OfferLine): void {
        said = {
            supplier: String(one.supplierId),
            number: one.number,
            cost: one.cost ?? '',
            lead_days: String(one.leadDays),
        };
    }
</script>

<ul>
    {#each offers as one (one.id)}
        <li class="border-t border-t-rule py-1 flex flex-wrap gap-x-4 items-baseline" data-offer={one.supplier}>
            <b>{one.supplier}</b>
            <span class="quiet small grow">{one.number} {one.learned}</span>
            {#if one.cost}<span class="figure">{one.cost} a {unit}</span>{/if}
            {#if manager}
                <button class="word" type="button" onclick={() => change(one)}>change</button>
                <button
                    class="word"
                    type="button"
                    disabled={act.busy}
                    onclick={() => act.send('delete', route('stores.offers.one', one.id))}>sells it no more</button
                >
            {/if}
        </li>
    {:else}
        <li class="quiet">Nobody is known to sell it.</li>
    {/each}
</ul>
{#if manager}
    {#if suppliers.length === 0}
        <p class="quiet small">Write a supplier down first.</p>
    {:else}
        <form
            class="grid grid-cols-[minmax(0,1fr)_8rem_7rem_7rem_auto] gap-3 items-end border-t border-t-rule pt-2 max-desk:grid-cols-2"
            novalidate
            onsubmit={(event) => {
                event.preventDefault();
                act.post(
                    route('stores.parts.offers', part),
                    said,
                    () => (said = { supplier: '', number: '', cost: '', lead_days: '' }),
                );
            }}
        >
            <Field
                name="supplier"
                label="Supplier"
                options={[{ value: '', words: 'choose' }, ...suppliers]}
                bind:value={said.supplier}
                error={act.errors.supplier}
            />
            <Field name="number" label="Their number" bind:value={said.number} error={act.errors.number} />
            <Field name="cost" label={`Costs a ${unit}`} bind:value={said.cost} error={act.errors.cost} />
            <Field name="lead_days" label="Days it takes" bind:value={said.lead_days} error={act.errors.lead_days} />
            <button class="act" type="submit" disabled={act.busy}>Save</button>
        </form>
    {/if}
{/if}
<ErrorLine text={act.other('supplier', 'number', 'cost', 'lead_days')} />
