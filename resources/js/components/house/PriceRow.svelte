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

<li>
    <form onsubmit={save}>
        <span>{price.name} <span class="quiet small">a {price.unit}</span></span>
        <Field name="cost" label="Cost" bind:value={cost} error={act.errors.cost} />
        <Field name="lead_days" label="Days to come" bind:value={leadDays} error={act.errors.lead_days} />
        <Field name="supplier" label="Supplier" bind:value={supplier} error={act.errors.supplier} />
        <button class="act" type="submit" disabled={!changed || act.busy}>Save</button>
    </form>
</li>

<style>
    li {
        border-top: 1px solid var(--rule);
        padding: 0.35rem 0;
    }

    form {
        display: grid;
        grid-template-columns: minmax(0, 1fr) 8rem 7rem 12rem auto;
        gap: 0.75rem;
        align-items: end;
    }

    @media (width < 60rem) {
        form {
            grid-template-columns: 1fr 1fr;
        }
    }
</style>
