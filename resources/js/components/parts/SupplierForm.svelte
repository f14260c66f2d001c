<!-- Who sells to the shop, and how an order reaches them. -->
<script lang="ts">
    import { untrack } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';
    import type { SupplierShown } from '@/lib/props';

    const { supplier, done = () => {} }: { supplier?: SupplierShown; done?: () => void } = $props();

    const act = new Act();
    let said = $state(
        untrack(() => ({
            name: supplier?.name ?? '',
            email: supplier?.email ?? '',
            address: supplier?.address ?? '',
            freight: supplier?.freight ?? '',
            express_days: supplier?.expressDays ? String(supplier.expressDays) : '',
            express: supplier?.express ?? '',
            note: supplier?.note ?? '',
        })),
    );

    function send(event: SubmitEvent): void {
        event.preventDefault();
        if (supplier)
            act.send('put', route('stores.suppliers.one', supplier.id), { ...said, version: supplier.version }, done);
        else act.post(route('stores.suppliers'), said, done);
    }
</script>

<form class="grid grid-cols-4 gap-3 items-start mt-2 max-desk:grid-cols-2" onsubmit={send} novalidate>
    <Field name="name" label="Name" bind:value={said.name} error={act.errors.name} />
    <Field name="email" label="Mail" type="email" bind:value={said.email} error={act.errors.email} />
    <div class="col-span-2">
        <Field
            name="address"
            label="Address"
            type="textarea"
            rows={3}
            bind:value={said.address}
            error={act.errors.address}
        />
    </div>
    <Field name="freight" label="A parcel costs" bind:value={said.freight} error={act.errors.freight} />
    <Field name="express_days" label="Express, days" bind:value={said.express_days} error={act.errors.express_days} />
    <Field name="express" label="Express costs more" bind:value={said.express} error={act.errors.express} />
    <Field name="note" label="Note" bind:value={said.note} error={act.errors.note} />
    <div class="col-span-full">
        <button class="do" type="submit" disabled={act.busy}>Save</button>
        <ErrorLine text={act.other('name', 'email', 'address', 'freight', 'express_days', 'express', 'note')} />
    </div>
</form>
