<script lang="ts">
    import { inertia, router } from '@inertiajs/svelte';
    import { untrack } from 'svelte';
    import ClientForm from '@/components/clients/ClientForm.svelte';
    import Empty from '@/components/Empty.svelte';
    import Field from '@/components/Field.svelte';
    import FileLook from '@/components/FileLook.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';
    import { calendarDay } from '@/lib/time';
    import type { ClientsProps } from '@/lib/props';

    const { headline, find, clients, more, alike }: ClientsProps = $props();

    const act = new Act();
    let adding = $state(false);
    let bringing = $state(false);
    let sought = $state(untrack(() => find));

    function look(event: SubmitEvent): void {
        event.preventDefault();
        router.get(route('clients'), sought.trim() === '' ? {} : { find: sought.trim() }, { preserveState: true });
    }
</script>

<svelte:head><title>Clients · Regimen</title></svelte:head>

<h1>{headline}</h1>
<p class="flex flex-wrap gap-4 mt-2">
    <button class="do" type="button" aria-expanded={adding} onclick={() => (adding = !adding)}>Add a client</button>
    <a class="act" use:inertia href={route('enquiries')}>Enquiries and quotes</a>
    <button class="act" type="button" aria-expanded={bringing} onclick={() => (bringing = !bringing)}
        >From an address book</button
    >
    {#if clients.length > 0}<a class="act" href={route('clients.cards')} download>As an address book</a>{/if}
</p>
{#if adding}<ClientForm />{/if}
{#if bringing}
    <div class="mt-3">
        <FileLook
            words="An address book as vCards (.vcf)"
            accept={['.vcf', 'text/vcard']}
            url={route('clients.cards.look')}
            action="Take them"
            busy={act.busy}
            error={act.errors.file}
            ontake={(file) => act.post(route('clients.import'), { file }, () => (bringing = false))}
        />
    </div>
{/if}

{#if alike.length > 0}
    <section class="mt-4" aria-labelledby="alike">
        <h2 id="alike" class="border-t-2 border-t-ink pt-2">Two entries, one person?</h2>
        <ul>
            {#each alike as one (`${one.id} ${one.other}`)}
                <li class="flex flex-wrap gap-x-4 items-center border-b border-b-rule py-2" data-alike>
                    <span class="flex-1"
                        ><a use:inertia href={route('clients.one', one.id)}>{one.name}</a> and
                        <a use:inertia href={route('clients.one', one.other)}>{one.otherName}</a>
                        <span class="quiet">: {one.why}</span></span
                    >
                    <button
                        class="act"
                        type="button"
                        disabled={act.busy}
                        onclick={() =>
                            act.post(route('clients.join', one.id), {
                                version: one.version,
                                other: one.other,
                                seen: one.otherVersion,
                            })}>Join them as {one.name}</button
                    >
                </li>
            {/each}
        </ul>
        {#if act.errors.other}<p class="late" role="alert">{act.errors.other}</p>{/if}
    </section>
{/if}

<form class="flex flex-wrap items-end gap-3 mt-4" onsubmit={look}>
    <Field name="find" label="Find by name, mail, telephone or town" bind:value={sought} />
    <button class="act" type="submit">Find</button>
</form>
<table class="w-full mt-3 stacked">
    <thead>
        <tr><th>Client</th><th>How to reach them</th><th>In the making</th><th>From here</th><th>Last talk</th></tr>
    </thead>
    <tbody>
        {#each clients as one (one.id)}
            <tr data-client={one.name}>
                <td><a class="target" use:inertia href={route('clients.one', one.id)}><b>{one.name}</b></a></td>
                <td class="small">{one.reach || 'not known'}</td>
                <td
                    >{#each one.open as number (number)}<a
                            class="target figure mr-3"
                            use:inertia
                            href={route('builds.show', number)}>{number}</a
                        >{/each}</td
                >
                <td class="figure">{one.over > 0 ? one.over : ''}</td>
                <td class="small quiet">{one.lastTalk ? calendarDay(one.lastTalk.slice(0, 10)) : ''}</td>
            </tr>
        {/each}
    </tbody>
</table>
{#if clients.length === 0}
    {#if find}<p class="quiet py-4">Nobody is found by “{find}”.</p>{:else}<Empty
            words="Here everybody stands for whom something is made."
        />{/if}
{/if}
{#if more}<p class="quiet mt-2">There are more; find them by a word.</p>{/if}
