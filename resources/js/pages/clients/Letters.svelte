<script lang="ts">
    import { inertia, router } from '@inertiajs/svelte';
    import { untrack } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';
    import { moment } from '@/lib/time';
    import type { ClientLetterProps } from '@/lib/props';

    const letter: ClientLetterProps = $props();

    const act = new Act();
    let said = $state(untrack(() => ({ to: letter.to, subject: letter.subject, body: letter.body })));
    let kind = $state(untrack(() => letter.kind));

    $effect(() => {
        if (kind !== untrack(() => letter.kind)) {
            router.visit(`${route('builds.letters', letter.number)}?kind=${kind}`, { preserveState: false });
        }
    });

    function send(event: SubmitEvent): void {
        event.preventDefault();
        act.post(route('builds.letters', letter.number), { ...said, kind: letter.kind });
    }
</script>

<svelte:head><title>Letters to {letter.client} · Regimen</title></svelte:head>

<p class="quiet">
    <a class="target" use:inertia href={route('builds.show', letter.number)}>{letter.number} · {letter.title}</a> ·
    <a class="target" use:inertia href={route('builds.client', letter.number)}>for the client</a>
</p>
<h1>A letter to {letter.client}</h1>
<p class="quiet">
    Drafted from what the plan knows; change what you like. It goes out when you press Send, not before.
</p>

<form class="grid grid-cols-2 gap-4 items-start mt-3 max-md:grid-cols-1" onsubmit={send} novalidate>
    <Field
        name="kind"
        label="About"
        bind:value={kind}
        error={act.errors.kind}
        options={letter.kinds.map((one) => ({ value: one.value, words: one.words }))}
    />
    <Field name="to" label="To" type="email" bind:value={said.to} error={act.errors.to} />
    <div class="col-span-full">
        <Field name="subject" label="Subject" bind:value={said.subject} error={act.errors.subject} />
    </div>
    <div class="col-span-full">
        <Field
            name="body"
            label="What it says"
            type="textarea"
            rows={16}
            bind:value={said.body}
            error={act.errors.body}
        />
    </div>
    <div class="col-span-full">
        <button class="do" type="submit" disabled={act.busy}>Send</button>
        <ErrorLine text={act.other('kind', 'to', 'subject', 'body')} />
    </div>
</form>

{#if letter.sent.length > 0}
    <h2 class="mt-8 border-t-2 border-t-ink pt-2">Sent</h2>
    {#each letter.sent as one (one.id)}
        <details class="border-b border-b-rule py-2" data-letter>
            <summary class="min-h-11 cursor-pointer"
                ><b>{one.subject}</b>
                <span class="quiet">{moment(one.at)}, by {one.by} to {one.to}</span></summary
            >
            <p class="whitespace-pre-line py-2">{one.body}</p>
        </details>
    {/each}
{/if}
