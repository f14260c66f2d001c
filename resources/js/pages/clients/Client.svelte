<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import EnquiryForm from '@/components/clients/EnquiryForm.svelte';
    import ClientForm from '@/components/clients/ClientForm.svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';
    import { moment } from '@/lib/time';
    import type { ClientProps } from '@/lib/props';

    const client: ClientProps = $props();
    const act = new Act();
    const deleting = new Act();
    let changing = $state(false);
    let asking = $state(false);
    let text = $state('');
    let asked = $state(false);
    let forgetting = $state(false);

    const lines = $derived(
        [
            ['Mail', client.said['email']],
            ['Telephone', client.said['phone']],
            ['Else', client.said['contact']],
            ['Address', client.said['address']],
            ['Country', client.said['country']],
            ['Tax identifier', client.said['tax_id']],
            ['Plays', client.said['hand'] ? `${client.said['hand']}-handed` : ''],
            ['Scale', client.said['scale']],
            ['Neck', client.said['neck']],
            ['Action', client.said['action']],
            ['Weight', client.said['weight']],
            ['Instruments', client.said['instruments']],
        ].filter((one): one is [string, string] => !!one[1]),
    );

    function talk(event: SubmitEvent): void {
        event.preventDefault();
        act.post(route('clients.talks', client.id), { text }, () => (text = ''));
    }
</script>

<svelte:head><title>{client.said['name']} · Regimen</title></svelte:head>

<p class="quiet"><a class="target" use:inertia href={route('clients')}>Clients</a> · {client.id}</p>
<h1>{client.headline}</h1>
{#if client.forgotten}<p class="tight">{client.forgotten}</p>{/if}

<div class="grid grid-cols-3 gap-8 mt-3 items-start max-desk:grid-cols-1">
    <section aria-labelledby="made">
        <h2 id="made" class="border-t-2 border-t-ink pt-2">Instruments</h2>
        <ul>
            {#each client.builds as one (one.number)}
                <li class="border-b border-b-rule py-2" data-build={one.number}>
                    <a class="plain target" use:inertia href={route('builds.show', one.number)}
                        ><b>{one.number} · {one.title}</b>
                        <span class="small quiet block">{one.model}</span>
                        <span class={['small block', !one.open && 'quiet']}>{one.words}</span></a
                    >
                </li>
            {:else}
                <li class="quiet">None yet.</li>
            {/each}
        </ul>
        {#if !client.forgotten}
            <p class="flex flex-wrap gap-3 mt-3">
                <button class="act" type="button" aria-expanded={asking} onclick={() => (asking = !asking)}
                    >They ask for an instrument</button
                >
                <a class="act" use:inertia href={`${route('commissions.new')}?client=${client.id}`}>A new commission</a>
            </p>
        {/if}
    </section>
    <section aria-labelledby="known">
        <h2 id="known" class="border-t-2 border-t-ink pt-2">What is known</h2>
        <dl>
            {#each lines as [name, value] (name)}
                <div class="grid grid-cols-[6rem_1fr] gap-x-3 border-b border-b-rule py-2">
                    <dt class="quiet">{name}</dt>
                    <dd class="whitespace-pre-line">{value}</dd>
                </div>
            {:else}
                <p class="quiet py-2">The name alone.</p>
            {/each}
        </dl>
        {#if !client.forgotten}
            <p class="flex flex-wrap gap-4 mt-3">
                <button class="act" type="button" aria-expanded={changing} onclick={() => (changing = !changing)}
                    >Change</button
                >
                <a class="act" href={route('clients.card', client.id)} download>As a card</a>
            </p>
        {/if}
    </section>
    <section aria-labelledby="said">
        <h2 id="said" class="border-t-2 border-t-ink pt-2">What was said when</h2>
        {#if !client.forgotten}
            <form data-watched class="mt-2" onsubmit={talk} novalidate>
                <Field name="text" label="Today" type="textarea" rows={3} bind:value={text} error={act.errors.text} />
                <button class="act mt-2" type="submit" disabled={act.busy}>Write it down</button>
                <ErrorLine text={act.other('text')} />
            </form>
        {/if}
        <ul>
            {#each client.talks as one (one.id)}
                <li class="border-b border-b-rule py-2" data-talk>
                    <span class="small quiet">{moment(one.at)}{one.by ? `, ${one.by}` : ''}</span>
                    <span class="block whitespace-pre-line">{one.text}</span>
                </li>
            {/each}
        </ul>
    </section>
</div>

{#if asking}
    <section class="mt-6" aria-label="What they would like">
        <h2 class="border-t-2 border-t-ink pt-2">What they would like</h2>
        <EnquiryForm client={client.id} />
    </section>
{/if}
{#if changing}
    <section class="mt-6" aria-label="Change what is known">
        <h2 class="border-t-2 border-t-ink pt-2">Change what is known</h2>
        <ClientForm {client} done={() => (changing = false)} />
    </section>
{/if}

{#if !client.forgotten}
    <section class="mt-8" aria-labelledby="delete">
        <h2 id="delete" class="border-t-2 border-t-ink pt-2">Delete on request</h2>
        <p class="quiet">{client.deleting}</p>
        {#if client.canDelete}
            {#if !forgetting}
                <button class="act mt-2" type="button" onclick={() => (forgetting = true)}>Delete this client…</button>
            {:else}
                <label class="flex items-center gap-3 min-h-11 mt-2">
                    <input class="size-5" type="checkbox" bind:checked={asked} />
                    They asked for it. I know that it cannot be taken back.
                </label>
                <p class="flex gap-4 mt-2">
                    <button
                        class="do"
                        type="button"
                        disabled={deleting.busy}
                        onclick={() =>
                            deleting.send('delete', route('clients.one', client.id), {
                                version: client.version,
                                forget: asked ? 1 : 0,
                            })}>Delete</button
                    >
                    <button class="act" type="button" onclick={() => (forgetting = false)}>Cancel</button>
                </p>
                <ErrorLine text={deleting.errors.forget ?? deleting.other('forget')} />
            {/if}
        {/if}
    </section>
{/if}
