<script lang="ts">
    import { inertia, page, router } from '@inertiajs/svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { calendarDay, clock } from '@/lib/time';
    import { route } from '@/lib/address';
    import type { LogbookProps } from '@/lib/props';

    const { headline, days, asked, people, kinds, builds, earlier }: LogbookProps = $props();

    const act = new Act();
    // svelte-ignore state_referenced_locally
    let wanted = $state({
        words: asked.words,
        day: asked.day,
        person: asked.person,
        kind: asked.kind,
        build: asked.build,
    });
    let correcting = $state(0);
    let text = $state('');

    const all = { value: '', words: 'all' };
    const said = $derived(Object.fromEntries(Object.entries(wanted).filter(([, value]) => value !== '')));
    const shown = $derived(
        Object.fromEntries(
            Object.entries({
                words: asked.words,
                day: asked.day,
                person: asked.person,
                kind: asked.kind,
                build: asked.build,
            }).filter(([, value]) => value !== ''),
        ),
    );

    function look(event: SubmitEvent): void {
        event.preventDefault();
        router.get(route('logbook'), said, { preserveState: true });
    }
</script>

<svelte:head><title>Logbook · Regimen</title></svelte:head>

<h1>{headline}</h1>
<form
    class="screen-only grid grid-cols-[minmax(0,2fr)_repeat(4,minmax(0,1fr))_auto] gap-3 items-start max-desk:grid-cols-2"
    onsubmit={look}
    role="search"
>
    <Field name="words" label="Words" hint="any of its words, or how they begin" bind:value={wanted.words} />
    <Field
        name="day"
        label="Day"
        type="date"
        hint="yesterday, 20 Mar"
        past
        bind:value={wanted.day}
        error={asked.problem || undefined}
    />
    <Field name="person" label="By" options={[all, ...people]} bind:value={wanted.person} />
    <Field name="kind" label="Kind" options={[all, ...kinds]} bind:value={wanted.kind} />
    <Field name="build" label="Build" options={[all, ...builds]} bind:value={wanted.build} />
    <button class="do mt-5" type="submit">Look</button>
</form>
<p class="screen-only flex gap-4 flex-wrap mt-2 small">
    {#if Object.keys(shown).length > 0}<a use:inertia href={route('logbook')}>All entries</a>{/if}
    <a href={route('logbook.sheet', { paper: 'a4', ...shown })}>Print on A4</a>
    <a href={route('logbook.sheet', { paper: 'letter', ...shown })}>on Letter</a>
</p>

{#each days as one (one.day)}
    <section class="mt-5">
        <h2>{calendarDay(one.day)}</h2>
        <ol>
            {#each one.lines as line (line.id)}
                <li class="line" data-entry={line.id}>
                    <span class="figure quiet small">{clock(line.at)}</span>
                    <span class="quiet">{line.by ?? 'Regimen'}</span>
                    <span>
                        {#if line.build}<a class="plain" use:inertia href={route('builds.show', line.build)}
                                ><b class="figure">{line.build}</b></a
                            >{/if}
                        <span class:line-through={line.corrected.length > 0}>{line.text}</span>
                        {#each line.corrected as later, index (index)}<b class="block">Corrected: {later}</b>{/each}
                        {#if line.corrects}<span class="small quiet">corrects an earlier entry</span>{/if}
                        {#if line.photograph}<a
                                class="screen-only inline-flex items-center min-h-(--target)"
                                href={route('photographs.one', line.photograph)}>Look at it</a
                            >{/if}
                        {#if page.props.viewer && !line.corrects}
                            <button
                                class="word small screen-only"
                                type="button"
                                aria-expanded={correcting === line.id}
                                onclick={() => {
                                    correcting = correcting === line.id ? 0 : line.id;
                                    text = '';
                                }}>correct</button
                            >
                        {/if}
                        {#if correcting === line.id}
                            <form
                                class="flex gap-3 items-end flex-wrap"
                                onsubmit={(event) => {
                                    event.preventDefault();
                                    act.post(route('logbook.correct', line.id), { text }, () => (correcting = 0));
                                }}
                            >
                                <div class="w-96 max-md:w-full">
                                    <Field
                                        name="text"
                                        label="What is right"
                                        bind:value={text}
                                        error={act.errors.text}
                                    />
                                </div>
                                <button class="do" type="submit" disabled={act.busy || text.trim() === ''}
                                    >Write it down</button
                                >
                            </form>
                            <ErrorLine text={act.other('text')} />
                        {/if}
                    </span>
                </li>
            {/each}
        </ol>
    </section>
{:else}
    <p class="py-4">Everything that happens in the shop stands here, in order. Nothing of it is ever edited.</p>
{/each}
{#if earlier}
    <p class="mt-4">
        <a class="act" use:inertia href={route('logbook', { ...shown, before: String(earlier) })}>Earlier entries</a>
    </p>
{/if}

<style>
    .line {
        display: grid;
        grid-template-columns: 3.5rem 8rem minmax(0, 1fr);
        gap: 0.75rem;
        align-items: baseline;
        border-top: 1px solid var(--rule);
        padding: 0.25rem 0;
    }

    @media (width < 60rem) {
        .line {
            grid-template-columns: 3.5rem minmax(0, 1fr);
        }

        .line > :last-child {
            grid-column: 1 / -1;
        }
    }
</style>
