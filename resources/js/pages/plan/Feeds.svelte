<script lang="ts">
    import { untrack } from 'svelte';
    import Field from '@/components/Field.svelte';
    import PlanPages from '@/components/plan/PlanPages.svelte';
    import { Act } from '@/lib/act.svelte';
    import { moment } from '@/lib/time';
    import type { FeedsProps } from '@/lib/props';
    import { route } from '@/lib/address';

    const { feeds, people, builds, manager }: FeedsProps = $props();

    const act = new Act();
    let what = $state('person');
    let person = $state(untrack(() => people[0]?.value ?? ''));
    let build = $state(untrack(() => builds[0]?.value ?? ''));
    let copied = $state(0);

    function give(event: SubmitEvent): void {
        event.preventDefault();
        act.post(route('plan.feeds'), {
            what,
            person: what === 'person' ? person : null,
            build: what === 'build' ? build : null,
        });
    }

    async function copy(feed: { id: number; address: string | null }): Promise<void> {
        await navigator.clipboard.writeText(feed.address ?? '');
        copied = feed.id;
    }
</script>

<svelte:head><title>Subscribe · Regimen</title></svelte:head>

<PlanPages />
<h1>
    {feeds.length === 0
        ? 'The plan in your own calendar'
        : feeds.length === 1
          ? 'One calendar is subscribed to'
          : `${feeds.length} calendars are subscribed to`}
</h1>
<p class="quiet">
    A calendar program that knows one of these addresses shows what is planned and keeps it up to date. The address is
    the key: give it to nobody else, and revoke it when a telephone is lost.
</p>

<form onsubmit={give}>
    {#if manager}
        <Field
            name="what"
            label="Calendar of"
            bind:value={what}
            error={act.errors.what}
            options={[
                { value: 'person', words: 'a person' },
                { value: 'build', words: 'a build' },
                { value: 'shop', words: 'the whole shop' },
            ]}
        />
    {/if}
    {#if what === 'person'}<Field
            name="person"
            label="Person"
            bind:value={person}
            error={act.errors.person}
            options={people}
        />{/if}
    {#if what === 'build'}<Field
            name="build"
            label="Build"
            bind:value={build}
            error={act.errors.build}
            options={builds}
        />{/if}
    <button class="do" type="submit" disabled={act.busy}>Make an address</button>
</form>

<ul>
    {#each feeds as feed (feed.id)}
        <li data-feed={feed.of}>
            <b>{feed.of}</b>
            {#if feed.address}<code>{feed.address}</code>{:else}<span class="small tight"
                    >still read by who knows it, but not to be shown again on this machine</span
                >{/if}
            <span class="small quiet">{feed.readAt ? `last read ${moment(feed.readAt)}` : 'not read yet'}</span>
            <span class="tools">
                {#if feed.address}
                    <button class="act" type="button" onclick={() => copy(feed)}
                        >{copied === feed.id ? 'Copied' : 'Copy'}</button
                    >
                {/if}
                <button
                    class="act"
                    type="button"
                    disabled={act.busy}
                    onclick={() => act.send('delete', route('plan.feeds.one', feed.id))}>Revoke</button
                >
            </span>
        </li>
    {/each}
</ul>

<style>
    form {
        display: flex;
        flex-wrap: wrap;
        gap: 0.6rem 1rem;
        align-items: start;
        margin: 0.8rem 0 1.2rem;
        max-width: 50rem;
    }

    form :global(.line) {
        flex: 1 1 12rem;
    }

    .do {
        margin-top: 1.25rem;
    }

    li {
        display: grid;
        grid-template-columns: 12rem minmax(0, 1fr) 12rem auto;
        gap: 0.3rem 1rem;
        align-items: center;
        border-top: 1px solid var(--rule);
        padding: 0.5rem 0;
    }

    code {
        font-family: var(--mono);
        font-size: 0.82rem;
        background: none;
        color: var(--ink);
        padding: 0;
        overflow-wrap: anywhere;
    }

    .tools {
        display: flex;
        gap: 0.5rem;
    }

    @media (width < 60rem) {
        li {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
