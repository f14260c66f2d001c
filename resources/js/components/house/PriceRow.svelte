<script lang="ts">
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import type { PriceLine } from '@/lib/props';
    import { route } from '@/lib/address';

    const { price }: { price: PriceLine } = $props();

    const act = new Act();
    let cost = $derived(price.cost);
    let leadDays = $derived(String(price.lead_days));
    let supplier = $derived(price.supplier);
    const changed = $derived(
        cost !== price.cost || leadDays !== String(price.lead_days) || supplier !== price.supplier,
    );

    function save(event: SubmitEvent): void {
        event.preventDefault();
        act.send('put', route('house.prices.one', price.id), {
            version: price.version,
            cost,
            lead_days: leadDays,
            supplier,
        });
    }
</script>

<li class="border-t border-t-rule py-[0.35rem]">
    <form
        class="grid grid-cols-[minmax(0,1fr)_8rem_7rem_12rem_auto] gap-3 items-end max-desk:grid-cols-[1fr_1fr]"
        onsubmit={save}
    >
        <span
            >{price.name} <span class="quiet small">a {price.unit}</span>
            {#each price.history as one (one)}<span class="quiet small block">{one}</span>{/each}</span
        >
        <Field name="cost" label="Cost" bind:value={cost} error={act.errors.cost} />
        <Field name="lead_days" label="Lead time, days" bind:value={leadDays} error={act.errors.lead_days} />
        <Field name="supplier" label="Supplier" bind:value={supplier} error={act.errors.supplier} />
        <button class="act" type="submit" disabled={!changed || act.busy}>Save</button>
    </form>
</li>
