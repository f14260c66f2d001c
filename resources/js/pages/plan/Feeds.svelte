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

<form class="flex flex-wrap gap-y-[0.6rem] gap-x-4 items-start mt-[0.8rem] mx-0 mb-[1.2rem] max-w-200" onsubmit={give}>
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
    <button class="do mt-5" type="submit" disabled={act.busy}>Make an address</button>
</form>

<ul>
    {#each feeds as feed (feed.id)}
        <li
            class="grid grid-cols-[12rem_minmax(0,1fr)_12rem_auto] gap-y-[0.3rem] gap-x-4 items-center border-t border-t-rule py-2 max-desk:grid-cols-1"
            data-feed={feed.of}
        >
            <b>{feed.of}</b>
            {#if feed.address}<code class="font-mono text-[0.82rem] bg-none bg-transparent text-ink p-0 wrap-anywhere"
                    >{feed.address}</code
                >{:else}<span class="small tight"
                    >still read by who knows it, but not to be shown again on this machine</span
                >{/if}
            <span class="small quiet">{feed.readAt ? `last read ${moment(feed.readAt)}` : 'not read yet'}</span>
            <span class="tools flex gap-2">
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
    form :global(.line) {
        flex: 1 1 12rem;
    }
</style>
