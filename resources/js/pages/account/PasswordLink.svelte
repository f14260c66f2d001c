<script lang="ts">
    import { useForm } from '@inertiajs/svelte';
    import Field from '@/components/Field.svelte';
    import type { PasswordLinkProps } from '@/lib/props';
    import { route } from '@/lib/address';

    const { token, works }: PasswordLinkProps = $props();

    const form = useForm({ password: '' });

    function send(event: SubmitEvent): void {
        event.preventDefault();
        form.post(route('password.link', token));
    }
</script>

<svelte:head><title>New password · Regimen</title></svelte:head>

<div class="max-w-96 my-0 mx-auto">
    {#if works}
        <h1>A new password</h1>
        <form class="grid gap-4 mt-6 mx-0 mb-10 justify-items-start" onsubmit={send} novalidate>
            <div class="w-full">
                <Field
                    name="password"
                    label="New password"
                    type="password"
                    autocomplete="new-password"
                    bind:value={form.password}
                    error={form.errors.password}
                    hint="12 characters at least"
                />
            </div>
            <button class="do" type="submit" disabled={form.processing}>Set the password</button>
        </form>
    {:else}
        <h1>This link no longer works</h1>
        <p class="quiet">It was used already, or its hour is over. Ask the manager for another one.</p>
    {/if}
    <p><a class="target" href={route('sign-in')}>To the sign-in</a></p>
</div>
