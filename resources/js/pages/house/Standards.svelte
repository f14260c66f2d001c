<script lang="ts">
    import ErrorLine from '@/components/ErrorLine.svelte';
    import FinishRow from '@/components/house/FinishRow.svelte';
    import RulesForm from '@/components/house/RulesForm.svelte';
    import StandardRow from '@/components/house/StandardRow.svelte';
    import { Act } from '@/lib/act.svelte';
    import { day } from '@/lib/time';
    import type { StandardsProps } from '@/lib/props';
    import { route } from '@/lib/address';

    const {
        version,
        standards,
        questions,
        finishes,
        tolerances,
        glue,
        spraying,
        history,
        skills,
        patterns,
    }: StandardsProps = $props();

    const act = new Act();
    const stages = $derived([...new Set(standards.map((standard) => standard.stage))]);
    const own = $derived(
        standards.flatMap((standard) => standard.ways).filter((way) => way.source !== 'default').length,
    );

    function choose(key: string, answer: string): void {
        act.send('put', route('house.methods'), { version, key, answer });
    }
</script>

<svelte:head><title>House standards · Regimen</title></svelte:head>

<h1>
    {own === 0
        ? 'Every standard is still the trade’s'
        : `${own === 1 ? 'One standard is' : `${own} standards are`} the house’s own`}
</h1>
<p class="quiet">
    <a href={route('house')}>House</a>. What an operation usually takes, and how it is done. New builds take these;
    builds that have their route keep it until it is derived again. Data sheets and local codes come first.
</p>
<ErrorLine text={act.other()} />

<section class="sheet" id="operations">
    <h2>Operations</h2>
    {#each stages as stage (stage)}
        <details class="opens border-t border-t-rule">
            <summary class="py-2 px-0 max-desk:py-[0.8rem] max-desk:px-0"><b>{stage}</b></summary>
            {#each standards.filter((standard) => standard.stage === stage) as standard (standard.key)}
                {#if standard.ways.length > 1}<p class="font-[550] pt-2">{standard.name}</p>{/if}
                <ul class={standard.ways.length > 1 ? 'inner' : ''}>
                    {#each standard.ways as way (way.id)}
                        <StandardRow
                            standard={way}
                            name={standard.name}
                            {skills}
                            usual={way.tool === standard.tool}
                            several={standard.ways.length > 1}
                            onchoose={() => choose(`tool:${standard.key}`, way.tool)}
                        />
                    {/each}
                </ul>
            {/each}
        </details>
    {/each}
</section>

<section class="sheet" id="methods">
    <h2>Where makers disagree</h2>
    <p class="quiet small">
        The house’s way; a build can differ, on its route. Joint, nut or zero fret and the neck’s cut are set in the <a
            href={route('house.models')}>house models</a
        >.
    </p>
    {#each questions as question (question.key)}
        <div
            class="grid grid-cols-[14rem_20rem_minmax(0,1fr)] gap-y-[0.2rem] gap-x-[1.4rem] items-center border-t border-t-rule py-[0.35rem] max-desk:grid-cols-1"
            data-question={question.key}
        >
            <label for={`question-${question.key}`}>{question.words}</label>
            <select
                class="field"
                id={`question-${question.key}`}
                value={question.answer}
                disabled={act.busy}
                onchange={(event) => choose(question.key, event.currentTarget.value)}
            >
                {#each question.choices as choice (choice.key)}<option value={choice.key}>{choice.words}</option>{/each}
            </select>
            <span class="small quiet">{question.choices.find((choice) => choice.key === question.answer)?.follows}</span
            >
        </div>
    {/each}
</section>

<section class="sheet" id="finishes">
    <h2>Finish systems</h2>
    {#each finishes as finish (finish.id)}<FinishRow {finish} />{/each}
</section>

<section class="sheet" id="rules">
    <h2>The air the house sprays in</h2>
    <RulesForm
        {version}
        group={null}
        rows={[
            { key: 'coldest', label: 'Not below, °C', value: spraying.coldest },
            { key: 'dampest', label: 'Not above, % relative humidity', value: spraying.dampest },
        ]}
    />
    <h2>Glue, as a share of the standard hold</h2>
    <RulesForm
        {version}
        group="glue"
        rows={glue.map((one) => ({ key: one.key, label: one.words, value: one.share, own: one.own }))}
    />
    <h2>Tolerances</h2>
    <RulesForm
        {version}
        group="tolerances"
        rows={tolerances.map((one) => ({
            key: one.key,
            label: `${one.what}, ${one.unit}`,
            value: one.value,
            own: one.own,
        }))}
    />
</section>

{#if patterns.length > 0}
    <section class="sheet" id="patterns">
        <h2>Route patterns</h2>
        {#each patterns as pattern (pattern.id)}
            <p>
                {pattern.name} <span class="small quiet">{pattern.methods} methods, {pattern.changes} changes</span>
                <button
                    class="word small"
                    type="button"
                    onclick={() => act.send('delete', route('house.patterns.one', pattern.id))}>delete</button
                >
            </p>
        {/each}
    </section>
{/if}

{#if history.length > 0}
    <section class="sheet" id="history">
        <h2>What was changed</h2>
        {#each history as one (one.version)}<p class="small">
                {day(one.at)}{one.by ? ` by ${one.by}` : ''}: {one.words}.
            </p>{/each}
    </section>
{/if}

<style>
    section {
        margin-top: 1.3rem;
    }

    .inner {
        padding-left: 1.2rem;
    }

    #rules h2 {
        margin-top: 0.9rem;
    }
</style>
