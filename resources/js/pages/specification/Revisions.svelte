<script lang="ts">
    import { router } from '@inertiajs/svelte';
    import { day } from '@/lib/time';
    import type { RevisionsProps } from '@/lib/props';
    import { route } from '@/lib/address';

    const { build, revisions, accepted, from, to, comparison, missing }: RevisionsProps = $props();

    const base = $derived(route('builds.show', build.number));
    const lists = $derived(
        comparison
            ? [
                  {
                      name: 'Timber and parts',
                      changes: comparison.kit,
                      gone: 'no longer needed',
                      fresh: 'newly needed',
                  },
                  { name: 'Operations', changes: comparison.operations, gone: 'dropped', fresh: 'added' },
                  { name: 'Figures', changes: comparison.figures, gone: 'gone', fresh: 'new' },
              ]
            : [],
    );

    function compare(one: number, other: number): void {
        router.visit(route('builds.revisions', { build: build.number, from: one, to: other }), {
            preserveScroll: true,
        });
    }
</script>

<svelte:head><title>Revisions of {build.number} {build.title} · Regimen</title></svelte:head>

<h1><a class="plain" href={base}>{build.number} · {build.title}</a></h1>
<div class="choose flex flex-wrap gap-y-[0.4rem] gap-x-4 items-center mt-2 mb-4">
    <label
        >From <select
            class="field"
            value={String(from)}
            onchange={(event) => compare(Number(event.currentTarget.value), to)}
        >
            {#each revisions as one (one.number)}<option value={String(one.number)}>revision {one.number}</option
                >{/each}
        </select></label
    >
    <label
        >to <select
            class="field"
            value={String(to)}
            onchange={(event) => compare(from, Number(event.currentTarget.value))}
        >
            {#each revisions as one (one.number)}<option value={String(one.number)}>revision {one.number}</option
                >{/each}
        </select></label
    >
    <p class="quiet">
        {#each revisions as one (one.number)}
            <span>
                <a href={route('specification', [build.number, one.number])}>Revision {one.number}</a>
                {one.released
                    ? `released ${day(one.released)}`
                    : `written ${day(one.at)}, not released`}{`${one.by ? ` by ${one.by}` : ''}. `}
            </span>
        {/each}
    </p>
</div>

{#if comparison}
    <div class="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] gap-y-6 gap-x-10 items-start max-desk:grid-cols-1">
        <section class="sheet" id="values">
            <h2>What changed</h2>
            <table>
                <tbody>
                    {#each comparison.values as change (change.name)}
                        <tr>
                            <th scope="row">{change.name}</th>
                            <td class="figure quiet">{change.before || '–'}</td>
                            <td class="figure">{change.after || '–'}</td>
                        </tr>
                    {:else}
                        <tr><td class="quiet">Nothing: the two say the same.</td></tr>
                    {/each}
                </tbody>
            </table>
        </section>
        <section class="sheet" id="follows">
            <h2>What follows</h2>
            {#each comparison.follows as sentence, index (index)}<p>{sentence}</p>{/each}
            <h3 class="mt-[0.8rem]">Findings</h3>
            {#each comparison.new as finding (finding.title + finding.figures)}
                <p class={finding.severity === 'stop' ? 'late' : finding.severity === 'warn' ? 'tight' : ''}>
                    New: <b>{finding.title}.</b>
                    {finding.figures}
                </p>
            {/each}
            {#each comparison.gone as finding (finding.title + finding.figures)}
                <p class="quiet">Gone: <b>{finding.title}.</b> {finding.figures}</p>
            {/each}
            {#if comparison.new.length + comparison.gone.length === 0}<p class="quiet">The same as before.</p>{/if}
        </section>
        {#each lists as list (list.name)}
            <section class="sheet" data-list={list.name}>
                <h2>{list.name}</h2>
                <table>
                    <tbody>
                        {#each list.changes as change (change.name)}
                            <tr>
                                <th scope="row">{change.name}</th>
                                <td class="figure quiet">{change.before || list.fresh}</td>
                                <td class="figure">{change.after || list.gone}</td>
                            </tr>
                        {:else}
                            <tr><td class="quiet">The same as before.</td></tr>
                        {/each}
                    </tbody>
                </table>
            </section>
        {/each}
        <section class="sheet" id="accepted">
            <h2>Accepted findings</h2>
            {#each accepted as one (one.at + one.title)}
                <p>
                    <b>{one.title}.</b>
                    {one.figures}
                    <span class="quiet"
                        >Accepted {day(one.at)} by {one.by} in revision {one.revision}: {one.reason}</span
                    >
                </p>
            {:else}
                <p class="quiet">None.</p>
            {/each}
        </section>
    </div>
{:else if missing}
    <p class="late" role="alert">{missing}</p>
{:else}
    <p class="quiet">There is one revision; there is nothing to compare it with.</p>
{/if}

<style>
    .choose span {
        padding-right: 0.8rem;
    }

    .choose label {
        display: inline-flex;
        gap: 0.5rem;
        align-items: center;
    }

    th {
        font-size: 0.92rem;
        color: var(--ink);
        font-weight: 400;
        width: 45%;
        border-top: 1px solid var(--rule);
        vertical-align: top;
        padding-block: 0.3rem;
    }

    td {
        padding-block: 0.3rem;
        font-size: 0.9rem;
        overflow-wrap: anywhere;
    }
</style>
