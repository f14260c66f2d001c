<script lang="ts">
    import { router } from '@inertiajs/svelte';
    import { untrack } from 'svelte';
    import Field from '@/components/Field.svelte';
    import type { CompareProps } from '@/lib/props';
    import { route } from '@/lib/address';

    const { build, asked, fields, questions, presets, comparison }: CompareProps = $props();

    const TOOLS = [
        { value: '', words: 'as now' },
        { value: 'hand', words: 'by hand where it can be' },
        { value: 'template', words: 'by template where it can be' },
        { value: 'machine', words: 'by machine where it can be' },
    ];

    interface Difference {
        key: string;
        value: string;
    }

    /** Everything that can be different, in one list. */
    const choices = $derived([
        ...fields,
        ...questions,
        { key: 'tools', label: 'Tools', now: 'as the house has them', options: TOOLS.slice(1) },
    ]);
    const named = (key: string): (typeof choices)[number] | undefined => choices.find((one) => one.key === key);
    const said = (change: Record<string, string>): Difference[] =>
        Object.entries(change)
            .filter(([, value]) => value !== '')
            .map(([key, value]) => ({ key, value }));

    let differences = $state<Difference[]>(
        untrack(() => [...said(asked), ...(comparison ? [] : [{ key: '', value: '' }])]),
    );
    const heading = $derived(
        comparison === null
            ? 'The same instrument, made otherwise'
            : comparison.rows === undefined
              ? 'That cannot be built'
              : `${comparison.rows[1]?.today ?? ''} today, ${comparison.rows[1]?.other ?? ''} otherwise`,
    );

    function compare(change: Record<string, string>): void {
        differences = said(change);
        const asked = Object.fromEntries(differences.map(({ key, value }) => [key, value]));
        router.visit(route('builds.route.compare', { build: build.number, _query: asked }), {
            preserveScroll: true,
            preserveState: true,
        });
    }

    function choose(index: number, key: string): void {
        differences[index] = { key, value: named(key)?.options[0]?.value ?? '' };
    }
</script>

<svelte:head><title>Compare {build.number} {build.title} · Regimen</title></svelte:head>

<h1>{heading}</h1>
<p class="quiet">
    <a href={route('route', build.number)}>Route of {build.number} · {build.title}</a>. Nothing is decided here.
</p>

<p class="presets">
    The same instrument
    {#each presets as one (one.words)}<button class="word" type="button" onclick={() => compare(one.change)}
            >{one.words}</button
        >{/each}
</p>

<form
    onsubmit={(event) => {
        event.preventDefault();
        compare(Object.fromEntries(differences.map(({ key, value }) => [key, value])));
    }}
>
    {#each differences as difference, index (index)}
        {@const chosen = named(difference.key)}
        <div
            class="grid grid-cols-[18rem_14rem_auto] gap-x-4 items-end justify-start py-1 max-desk:grid-cols-1"
            data-difference={index}
        >
            <Field
                name={`difference.${index}`}
                label={index === 0 ? 'What is to be different' : 'And what else'}
                bind:value={() => difference.key, (key) => choose(index, key)}
                options={[
                    { value: '', words: 'choose' },
                    ...choices
                        .filter(
                            (one) => one.key === difference.key || !differences.some((other) => other.key === one.key),
                        )
                        .map((one) => ({ value: one.key, words: one.label })),
                ]}
            />
            {#if chosen}
                <Field
                    name={`instead.${index}`}
                    label={`instead of ${chosen.now}`}
                    bind:value={() => difference.value, (value) => (difference.value = value)}
                    options={chosen.options.length > 0 ? chosen.options : undefined}
                />
                <button class="word" type="button" onclick={() => differences.splice(index, 1)}
                    >Leave it as it is</button
                >
            {/if}
        </div>
    {/each}
    <p class="flex flex-wrap gap-4 items-center mt-2">
        <button class="do" type="submit" disabled={differences.every((one) => one.value === '')}>Compare</button>
        {#if differences.every((one) => one.key !== '')}
            <button class="word" type="button" onclick={() => differences.push({ key: '', value: '' })}
                >{differences.length === 0 ? 'Say a difference' : 'Add another difference'}</button
            >
        {/if}
    </p>
</form>

{#if comparison}
    {#each comparison.problems as problem (problem)}<p class="late" role="alert">{problem}</p>{/each}
    {#if comparison.rows}
        <div class="two grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] gap-y-[1.4rem] gap-x-10 items-start mt-4">
            <section class="sheet" id="figures">
                <h2>In figures</h2>
                <table>
                    <thead
                        ><tr
                            ><th scope="col"></th><th scope="col">as it is made today</th><th scope="col">otherwise</th
                            ></tr
                        ></thead
                    >
                    <tbody>
                        {#each comparison.rows as row (row.name)}
                            <tr data-row={row.name}>
                                <th scope="row">{row.name}</th>
                                <td class="figure quiet">{row.today}</td>
                                <td class={['figure', row.today === row.other && 'quiet']}>{row.other}</td>
                            </tr>
                        {/each}
                    </tbody>
                </table>
            </section>
            <section class="sheet" id="risks">
                <h2>What can go wrong</h2>
                {#each comparison.risks ?? [] as risk (risk)}<p>{risk}</p>{:else}<p class="quiet">
                        Nothing that could not go wrong today.
                    </p>{/each}
                <h3 class="mt-[0.8rem]">Findings that open and close</h3>
                {#each comparison.findings?.new ?? [] as one (one)}<p class="tight">New: {one}</p>{/each}
                {#each comparison.findings?.gone ?? [] as one (one)}<p class="quiet">Gone: {one}</p>{/each}
                {#if (comparison.findings?.new.length ?? 0) + (comparison.findings?.gone.length ?? 0) === 0}<p
                        class="quiet"
                    >
                        The same as today.
                    </p>{/if}
            </section>
            <section class="sheet" id="operations">
                <h2>Operations</h2>
                <table>
                    <tbody>
                        {#each comparison.operations ?? [] as change (change.name)}
                            <tr>
                                <th scope="row">{change.name}</th>
                                <td class="figure quiet">{change.before || 'added'}</td>
                                <td class="figure">{change.after || 'dropped'}</td>
                            </tr>
                        {:else}<tr><td class="quiet">The same operations with the same hours.</td></tr>{/each}
                    </tbody>
                </table>
            </section>
        </div>
        <p class="quiet small">
            Methods are chosen on the <a href={route('route', build.number) + '#methods'}>route</a>; what the instrument
            is, in its
            <a href={route('specification', build.number)}>specification</a>.
        </p>
    {/if}
{/if}

<style>
    .presets {
        display: flex;
        flex-wrap: wrap;
        gap: 0.2rem 1.1rem;
        align-items: baseline;
        margin: 0.7rem 0;
    }

    section p {
        padding: 0.15rem 0;
    }

    tbody th {
        font-size: 0.92rem;
        color: var(--ink);
        font-weight: 400;
        border-top: 1px solid var(--rule);
        vertical-align: top;
        padding-block: 0.5rem;
    }
    @media (width < 60rem) {
        .two {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
