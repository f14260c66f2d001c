<script lang="ts">
    import { useForm } from '@inertiajs/svelte';
    import { untrack } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import BenchCode from '@/components/house/BenchCode.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { moment } from '@/lib/time';
    import type { AccountProps } from '@/lib/props';
    import { route } from '@/lib/address';

    const {
        email,
        signIns,
        hasSecond,
        codesLeft,
        codes,
        secret,
        square,
        squareSize,
        shopNeedsIt,
        hasBenchCode,
    }: AccountProps = $props();

    const own = useForm({ current: '', password: '' });
    const second = useForm(untrack(() => ({ secret, code: '' })));
    const off = useForm({ off_password: '' });
    const act = new Act();
    const others = $derived(signIns.filter((one) => !one.isThis));

    function change(event: SubmitEvent): void {
        event.preventDefault();
        own.put(route('account.password'), { preserveScroll: true, onSuccess: () => own.reset() });
    }

    function setUp(event: SubmitEvent): void {
        event.preventDefault();
        second.secret = secret;
        second.post(route('account.second'), { preserveScroll: true, onSuccess: () => second.reset('code') });
    }

    function turnOff(event: SubmitEvent): void {
        event.preventDefault();
        off.delete(route('account.second'), { preserveScroll: true, onSuccess: () => off.reset() });
    }
</script>

<svelte:head><title>Your sign-in · Regimen</title></svelte:head>

<h1>Your sign-in</h1>
<p class="quiet">You sign in as {email}.</p>

<section class="sheet mt-[1.3rem]">
    <h2>Bench code</h2>
    <BenchCode has={hasBenchCode} address={route('account.bench-code')} name="you" />
</section>

<section class="sheet mt-[1.3rem]">
    <h2>Password</h2>
    <form class="grid gap-[0.9rem] justify-items-start pt-[0.4rem] max-w-96" onsubmit={change} novalidate>
        <div class="w-full">
            <Field
                name="current"
                label="Present password"
                type="password"
                autocomplete="current-password"
                bind:value={own.current}
                error={own.errors.current}
            />
        </div>
        <div class="w-full">
            <Field
                name="password"
                label="New password"
                type="password"
                autocomplete="new-password"
                bind:value={own.password}
                error={own.errors.password}
                hint="12 characters at least; every other device is signed out"
            />
        </div>
        <button class="act" type="submit" disabled={own.processing}>Change the password</button>
    </form>
</section>

<section class="sheet mt-[1.3rem]">
    <h2>Second factor</h2>
    {#if codes.length > 0}
        <p role="status">
            <b>Write these recovery codes down now; they are not shown again.</b> Each one takes the place of the phone’s
            code once.
        </p>
        <p class="figure my-2 max-w-120">{codes.join('  ')}</p>
    {/if}
    {#if hasSecond}
        <p>The code of your phone is asked for after the password. {codesLeft} recovery codes are left.</p>
        {#if !shopNeedsIt}
            <form class="grid gap-[0.9rem] justify-items-start pt-[0.4rem] max-w-96" onsubmit={turnOff} novalidate>
                <div class="w-full">
                    <Field
                        name="off_password"
                        label="Your password, to turn it off"
                        type="password"
                        autocomplete="current-password"
                        bind:value={off.off_password}
                        error={off.errors.off_password}
                    />
                </div>
                <button class="act" type="submit" disabled={off.processing}>Turn it off</button>
            </form>
        {/if}
    {:else}
        <p class="quiet">
            {shopNeedsIt ? 'The shop asks everybody for it.' : 'Optional.'} Let an authenticator on your phone read the square,
            or type the letters into it; then write the code that it shows.
        </p>
        <div class="flex flex-wrap gap-x-8 gap-y-4 items-start pt-2">
            <svg
                class="w-46 h-46 bg-white p-3"
                viewBox={`-2 -2 ${squareSize + 4} ${squareSize + 4}`}
                role="img"
                aria-label="The square for the authenticator"
            >
                <path class="[fill:#000]" d={square} />
            </svg>
            <form class="grid gap-[0.9rem] justify-items-start max-w-96" onsubmit={setUp} novalidate>
                <p class="figure [overflow-wrap:anywhere]" data-secret>{secret.match(/.{1,4}/g)?.join(' ')}</p>
                <Field
                    name="code"
                    label="Code on the phone"
                    bind:value={second.code}
                    error={second.errors.code}
                    hint="six digits"
                />
                <button class="act" type="submit" disabled={second.processing}>Set it up</button>
            </form>
        </div>
    {/if}
</section>

<section class="sheet mt-[1.3rem]">
    <h2>Where you are signed in</h2>
    <ul>
        {#each signIns as one (one.id)}
            <li
                class="border-t border-t-rule py-[0.35rem] grid grid-cols-[12rem_10rem_minmax(0,1fr)_auto] gap-3 items-center max-desk:grid-cols-1"
            >
                <b class="font-[550]">{one.device}</b>
                <span class="quiet">{one.place}</span>
                <span>{one.isThis ? 'this device' : `last seen ${moment(one.seen)}`}, since {moment(one.began)}</span>
                {#if one.isThis}
                    <span></span>
                {:else}
                    <button
                        class="act"
                        type="button"
                        disabled={act.busy}
                        onclick={() => act.send('delete', route('account.sign-ins.one', one.id))}>Sign out</button
                    >
                {/if}
            </li>
        {:else}
            <li class="quiet">No sign-in is recorded.</li>
        {/each}
    </ul>
    {#if others.length > 0}
        <p class="pt-2">
            <button
                class="act"
                type="button"
                disabled={act.busy}
                onclick={() => act.send('delete', route('account.sign-ins'))}>Sign out every other device</button
            >
        </p>
    {/if}
    <ErrorLine text={act.other()} />
</section>
