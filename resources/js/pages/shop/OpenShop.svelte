<script lang="ts">
    import { useForm } from '@inertiajs/svelte';
    import Field from '@/components/Field.svelte';
    import { route } from '@/lib/address';

    const form = useForm({
        shop: '',
        currency: 'EUR',
        timezone: Intl.DateTimeFormat().resolvedOptions().timeZone,
        name: '',
        email: '',
        password: '',
    });

    function open(event: SubmitEvent): void {
        event.preventDefault();
        form.post(route('shop.new'));
    }
</script>

<svelte:head><title>A new shop · Regimen</title></svelte:head>

<div class="max-w-112 my-0 mx-auto">
    <h1>Open your shop</h1>
    <p class="quiet">
        It starts with the operations, hours and holds of common practice, and with round prices to overwrite. You can
        change everything under House.
    </p>
    <form class="grid gap-4 my-6 mx-0" onsubmit={open}>
        <Field name="shop" label="Name of the shop" bind:value={form.shop} error={form.errors.shop} />
        <Field
            name="currency"
            label="Currency"
            bind:value={form.currency}
            error={form.errors.currency}
            hint="its code, such as EUR, USD or GBP"
        />
        <Field name="timezone" label="Time zone" bind:value={form.timezone} error={form.errors.timezone} />
        <h2>You, its manager</h2>
        <Field name="name" label="Your name" bind:value={form.name} error={form.errors.name} />
        <Field
            name="email"
            label="E-mail address"
            bind:value={form.email}
            error={form.errors.email}
            autocomplete="username"
        />
        <Field
            name="password"
            label="Password"
            type="password"
            bind:value={form.password}
            error={form.errors.password}
            autocomplete="new-password"
            hint="at least twelve characters; a few words in a row"
        />
        <button class="do justify-self-start" type="submit" disabled={form.processing}>Open the shop</button>
    </form>
</div>
