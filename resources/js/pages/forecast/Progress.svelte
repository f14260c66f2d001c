<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import { untrack } from 'svelte';
    import Field from '@/components/Field.svelte';
    import Earned from '@/components/forecast/Earned.svelte';
    import YearPages from '@/components/forecast/YearPages.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';
    import type { HonestFigure, ProgressProps, StageOutlook } from '@/lib/props';

    const progress: ProgressProps = $props();
    const act = new Act();
    let budget = $state(untrack(() => progress.budget ?? ''));
    let money = $state(untrack(() => progress.moneyBudget ?? ''));

    function save(event: SubmitEvent): void {
        event.preventDefault();
        act.send('put', route('builds.budget', progress.number ?? 0), { budget, money, version: progress.version });
    }
</script>

<svelte:head><title>Progress of {progress.number ?? ''} {progress.title} · Regimen</title></svelte:head>

{#if progress.number === null}<YearPages />
{:else}
    <p class="quiet">
        <a class="target" use:inertia href={route('builds.show', progress.number)}
            >{progress.number} · {progress.title}</a
        >
    </p>
{/if}
<h1>{progress.headline}</h1>
<p class="quiet">
    {progress.reason}
    {#if progress.todo}<b>{progress.todo}</b>{/if}
</p>
<Earned {progress} words={`${progress.title}: ${progress.headline}. ${progress.reason}`} />

{#snippet list(figures: HonestFigure[])}
    <dl>
        {#each figures as one (one.key)}
            <div class="grid grid-cols-[1fr_auto] gap-x-4 border-t border-t-rule py-2" data-progress={one.key}>
                <dt>{one.name}</dt>
                <dd class={['figure whitespace-nowrap', one.isOff && 'tight']}>{one.value}</dd>
                <dd class="small quiet col-span-2">{one.because}</dd>
            </div>
        {/each}
    </dl>
{/snippet}

{#snippet table(stages: StageOutlook[], isSet: boolean, isMoney: boolean)}
    <div class="overflow-x-auto">
        <table class="w-full">
            <thead>
                <tr>
                    <th>Stage</th>
                    <th class="text-right">Planned</th>
                    {#if !isMoney}<th class="text-right">Worked</th>{/if}
                    <th class="text-right">Comes to</th>
                    {#if isSet}
                        <th class="text-right">May {isMoney ? 'cost' : 'take'}</th>
                        <th class="text-right">Stays within</th>
                    {/if}
                </tr>
            </thead>
            <tbody>
                {#each stages as one (one.name)}
                    <tr>
                        <td>{one.name}</td>
                        <td class="figure text-right whitespace-nowrap">{one.planned}</td>
                        {#if !isMoney}<td class="figure text-right whitespace-nowrap">{one.worked}</td>{/if}
                        <td class={['figure text-right whitespace-nowrap', one.breaks && 'tight']}>{one.forecast}</td>
                        {#if isSet}
                            <td class="figure text-right whitespace-nowrap">{one.share}</td>
                            <td class={['figure text-right whitespace-nowrap', one.breaks && 'tight']}
                                >{one.percent} %</td
                            >
                        {/if}
                    </tr>
                {/each}
            </tbody>
        </table>
    </div>
{/snippet}

<div class="mt-6 grid grid-cols-[minmax(0,1fr)_minmax(0,1.3fr)] gap-8 max-desk:grid-cols-1">
    <section aria-labelledby="figures">
        <h2 id="figures" class="border-t-2 border-t-ink pt-2">In hours</h2>
        {@render list(progress.figures)}
        {#if progress.money.length > 0}
            <h2 class="mt-4 border-t-2 border-t-ink pt-2">In money</h2>
            {@render list(progress.money)}
        {/if}
    </section>
    <section aria-labelledby="stages">
        <h2 id="stages" class="border-t-2 border-t-ink pt-2">Stage by stage</h2>
        {@render table(progress.stages, progress.budget !== null, false)}
        {#if progress.costs.length > 0}
            <h2 class="mt-4 border-t-2 border-t-ink pt-2">Stage by stage in money</h2>
            {@render table(progress.costs, true, true)}
        {/if}
        {#if progress.number !== null}
            <p class="mt-3" data-budget>{progress.budgetWords}</p>
            {#if progress.open}
                <form data-watched class="flex flex-wrap items-end gap-4 mt-2" onsubmit={save}>
                    <Field
                        name="budget"
                        label="Hours that it may take, empty for none"
                        bind:value={budget}
                        error={act.errors.budget}
                    />
                    <Field
                        name="money"
                        label="Money that it may cost, empty for none"
                        bind:value={money}
                        error={act.errors.money}
                    />
                    <button class="act" type="submit" disabled={act.busy}>Save</button>
                </form>
                <p class="mt-3">
                    <a class="target" use:inertia href={route('builds.chance', progress.number)}
                        >How sure its date is, and what would help</a
                    >
                </p>
            {/if}
        {/if}
    </section>
</div>
