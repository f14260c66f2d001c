<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import ChangeForm from '@/components/plan/ChangeForm.svelte';
    import EffectSheet from '@/components/plan/EffectSheet.svelte';
    import PlanPages from '@/components/plan/PlanPages.svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import type { TryProps } from '@/lib/props';
    import { route } from '@/lib/address';

    const { scenarios, shown, difference, forms }: TryProps = $props();

    const naming = new Act();
    const adding = new Act();
    const act = new Act();
    let name = $state('');

    function begin(event: SubmitEvent): void {
        event.preventDefault();
        naming.post(route('plan.try'), { name }, () => (name = ''));
    }
</script>

<svelte:head><title>Try · Regimen</title></svelte:head>

<PlanPages />
<h1>{shown ? shown.name : 'Try it before you decide'}</h1>
<p class="quiet">
    A scenario is a copy of the shop with something changed. It is planned beside the real plan; nothing changes until
    you apply it. Another order is put together on the horizon: move an operation there and try it beside the plan.
</p>

<div class="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] gap-10 mt-[0.9rem] items-start max-desk:grid-cols-1">
    <section>
        {#if shown}
            <ul class="list mt-[0.3rem] mb-[0.8rem]">
                {#each shown.changes as change (change.id)}
                    <li>
                        {change.words}
                        <button
                            class="word small"
                            type="button"
                            disabled={act.busy}
                            onclick={() => act.send('delete', route('plan.try.changes.one', [shown.id, change.id]))}
                            >remove</button
                        >
                    </li>
                {:else}
                    <li class="quiet">Nothing is changed yet.</li>
                {/each}
            </ul>
            <ChangeForm
                {forms}
                words="Add"
                act={adding}
                onsend={(body, done) => adding.post(route('plan.try.changes', shown.id), { changes: [body] }, done)}
            />
            <p class="flex gap-[0.8rem] mt-[0.6rem] mb-[1.2rem]">
                <button
                    class="do"
                    type="button"
                    disabled={act.busy || shown.changes.length === 0}
                    onclick={() => act.post(route('plan.try.apply', shown.id), { version: shown.version })}
                    >Apply</button
                >
                <button
                    class="act"
                    type="button"
                    disabled={act.busy}
                    onclick={() => act.send('delete', route('plan.try.one', shown.id))}>Discard</button
                >
            </p>
            <ErrorLine text={act.other()} />
        {:else}
            <form class="begin" onsubmit={begin}>
                <Field
                    name="name"
                    label="A new scenario"
                    bind:value={name}
                    error={naming.errors.name}
                    hint="say it as a question: Tobias ill for a week?"
                />
                <button class="do" type="submit" disabled={naming.busy}>Begin</button>
            </form>
        {/if}
        {#if scenarios.length > 0}
            {#if !shown}<h2>Begun</h2>{:else if scenarios.length > 1}<h2>Others</h2>{/if}
            <ul class="list mt-[0.3rem] mb-[0.8rem]">
                {#each scenarios.filter((one) => one.id !== shown?.id) as one (one.id)}
                    <li>
                        <a href={route('plan.try.one', one.id)} use:inertia>{one.name}</a>
                        <span class="small quiet">{one.changes} {one.changes === 1 ? 'change' : 'changes'}</span>
                    </li>
                {/each}
                {#if shown}<li><a href={route('plan.try')} use:inertia>New scenario</a></li>{/if}
            </ul>
        {/if}
    </section>
    {#if shown}
        <section class="sheet" aria-label="What it would do">
            <h2>What it would do</h2>
            {#if shown.changes.length === 0}
                <p class="quiet">Add a change, and it is planned with it.</p>
            {:else if difference}
                <EffectSheet effect={difference} />
            {:else}
                <p class="quiet">It is being planned.</p>
            {/if}
        </section>
    {/if}
</div>

<style>
    .list li {
        border-top: 1px solid var(--rule);
        padding: 0.35rem 0;
    }

    .list .word {
        margin-left: 0.6rem;
    }

    .begin {
        display: flex;
        gap: 1rem;
        align-items: start;
        max-width: 36rem;
    }

    .begin :global(.line) {
        flex: 1;
    }

    .begin .do {
        margin-top: 1.25rem;
    }
</style>
