<script lang="ts">
    import { useForm } from '@inertiajs/svelte';
    import Field from '@/components/Field.svelte';
    import { route } from '@/lib/address';

    const form = useForm({ code: '', trust: false });

    function send(event: SubmitEvent): void {
        event.preventDefault();
        form.post(route('sign-in.second'));
    }
</script>

<svelte:head><title>Second factor · Regimen</title></svelte:head>

<div class="max-w-96 my-0 mx-auto">
    <h1>One more code</h1>
    <p class="quiet">The code that your phone shows now, or one of your recovery codes.</p>
    <form class="grid gap-4 mt-6 mx-0 mb-10 justify-items-start" onsubmit={send} novalidate>
        <div class="w-full"><Field name="code" label="Code" bind:value={form.code} error={form.errors.code} /></div>
        <label><input type="checkbox" bind:checked={form.trust} /> trust this device for 30 days</label>
        <button class="do" type="submit" disabled={form.processing}>Sign in</button>
    </form>
    <p><a class="target" href={route('sign-in')}>Back to the sign-in</a></p>
</div>
