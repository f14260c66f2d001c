<!-- What was built for stock finds somebody. -->
<script lang="ts">
    import { untrack } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';
    import type { Option } from '@/lib/props';

    interface Props {
        number: number;
        version: number;
        currency: string;
        price: string;
        clients: Option[];
    }

    const props: Props = $props();

    const act = new Act();
    let said = $state(untrack(() => ({ client: '', price: props.price })));

    function sell(event: SubmitEvent): void {
        event.preventDefault();
        act.post(route('builds.money.sell', props.number), { ...said, version: props.version });
    }
</script>

<p class="quiet">It is built for stock; invoices are written when it has a client.</p>
<form class="grid grid-cols-2 gap-4 mt-2 items-start max-md:grid-cols-1" onsubmit={sell} novalidate>
    <Field
        name="client"
        label="Sold to"
        bind:value={said.client}
        error={act.errors.client}
        options={[{ value: '', words: 'choose' }, ...props.clients]}
    />
    <Field
        name="price"
        label={`Price, tax included, ${props.currency}`}
        bind:value={said.price}
        error={act.errors.price}
    />
    <p class="col-span-full"><button class="act" type="submit" disabled={act.busy}>It is sold</button></p>
    <ErrorLine text={act.other('client', 'price')} />
</form>
