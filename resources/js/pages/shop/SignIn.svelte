<script lang="ts">
    import { useForm } from '@inertiajs/svelte';
    import Field from '@/components/Field.svelte';
    import type { SignInProps } from '@/lib/props';
    import { route } from '@/lib/address';

    const { demo }: SignInProps = $props();

    const form = useForm({ email: '', password: '', small: false });

    function signIn(event?: SubmitEvent): void {
        event?.preventDefault();
        form.small = window.matchMedia('(width < 48rem)').matches;
        form.post(route('sign-in'));
    }

    function signInAs(email: string, password: string): void {
        form.email = email;
        form.password = password;
        signIn();
    }
</script>

<svelte:head><title>Sign in · Regimen</title></svelte:head>

<div class="max-w-96 my-0 mx-auto">
    <h1 class="text-[2.6rem]">Regimen</h1>
    <p class="quiet">Builds side by side, promises kept.</p>
    <form class="grid gap-4 mt-6 mx-0 mb-10" onsubmit={signIn}>
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
            autocomplete="current-password"
        />
        <button class="do justify-self-start" type="submit" disabled={form.processing}>Sign in</button>
    </form>
    {#if demo.length > 0}
        <section class="sheet">
            <h2>This is the demo shop</h2>
            <p class="quiet small">Its people and instruments are invented. Sign in as:</p>
            {#each demo as one (one.email)}
                <p>
                    <button class="act" type="button" onclick={() => signInAs(one.email, one.password)}
                        >{one.name}, {one.role}</button
                    >
                </p>
            {/each}
        </section>
    {/if}
</div>

<style>
    section p {
        margin-top: 0.6rem;
    }
</style>
