<script lang="ts">
    import { untrack } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import Hatch from '@/components/Hatch.svelte';
    import Changed from '@/components/route/Changed.svelte';
    import ChangeForm from '@/components/route/ChangeForm.svelte';
    import Days from '@/components/route/Days.svelte';
    import OperationSheet from '@/components/route/OperationSheet.svelte';
    import Questions from '@/components/route/Questions.svelte';
    import RouteHead from '@/components/route/RouteHead.svelte';
    import Stages from '@/components/route/Stages.svelte';
    import Streams from '@/components/route/Streams.svelte';
    import type { RouteProps } from '@/lib/props';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';

    const {
        build,
        editable,
        totals,
        operations,
        broken,
        clashes,
        misfits,
        changes,
        questions,
        isChanged,
        choices,
        air,
        prices,
    }: RouteProps = $props();

    const act = new Act();
    const changeAct = new Act();
    let chosen = $state<string | null>(null);
    let pattern = $state('');
    const shown = $derived(operations.find((operation) => operation.key === chosen) ?? null);
    const stops = $derived(broken.filter((one) => one.severity === 'stop').length + clashes.length);
    const heading = $derived(
        clashes.length > 0
            ? 'No order of work satisfies two rules'
            : Object.keys(misfits).length > 0
              ? 'The shop lacks something for this route'
              : stops > 0
                ? `${stops === 1 ? 'One rule is' : `${stops} rules are`} broken on purpose`
                : 'Every rule of order is kept',
    );
    function choose(key: string): void {
        chosen = key;
        history.replaceState(history.state, '', `#${key}`);
    }

    $effect(() => {
        const wanted = decodeURIComponent(location.hash.slice(1));
        untrack(() => {
            if (chosen === null) {
                chosen = operations.some((operation) => operation.key === wanted)
                    ? wanted
                    : (operations.find((operation) => operation.state === 'started' || operation.state === 'open')
                          ?.key ?? null);
            }
        });
    });
</script>

<svelte:head><title>Route of {build.number} {build.title} · Regimen</title></svelte:head>

<Hatch />
<RouteHead {heading} {build} {totals} {editable} />

{#each clashes as clash (clash.words)}<p class="said late"><b>{clash.words}</b> {clash.because}</p>{/each}
{#each Object.entries(misfits) as [key, words] (key)}<p class="said late">{words}</p>{/each}
{#each broken as one (one.key)}
    <p class={['said', one.severity === 'stop' ? 'late' : 'tight']} data-broken={one.severity}>
        <b>{one.title}.</b>
        {one.words}
    </p>
{/each}

<Days {totals} />

<section class="sheet mt-[1.2rem]">
    <Streams {operations} {chosen} onchoose={choose} />
    <p class="small quiet">
        Filled: labour. Hatched: a hold. Ring: a gate. Underlined: the critical chain, by durations alone. {air.words}{air.forbids
            ? ` It is ${air.forbids}.`
            : ''}
        <a href={route('climate')}>Air of the shop</a>
    </p>
</section>

<div class="two">
    <Stages {operations} count={totals.operations} {chosen} onchoose={choose} />
    <section
        class="sheet opened mt-[1.2rem] sticky top-2 [max-height:calc(100vh_-_6.5rem)] [overflow-y:auto] max-desk:[position:static] max-desk:[max-height:none]"
        aria-live="polite"
    >
        <h2>One operation</h2>
        <ErrorLine text={act.errors.method} />
        {#if shown}
            <OperationSheet
                operation={shown}
                {operations}
                {prices}
                {editable}
                build={build.number}
                version={build.version}
                {act}
                onchoose={choose}
            />
        {/if}
    </section>
</div>

<Questions
    compare={route('builds.route.compare', build.number)}
    {questions}
    {prices}
    {editable}
    {act}
    onchoose={(question, answer) =>
        act.post(route('builds.route.method', build.number), { version: build.version, key: question, answer })}
/>

<Changed {changes} {editable} version={build.version} build={build.number} {act} />

{#if editable && choices}
    <section class="sheet mt-[1.2rem]">
        <h2>Change the route</h2>
        <ChangeForm build={build.number} version={build.version} {operations} {chosen} {choices} act={changeAct} />
        <div class="again flex flex-wrap gap-y-[0.6rem] gap-x-[1.2rem] items-end mt-4">
            {#if isChanged}<button
                    class="act"
                    type="button"
                    disabled={act.busy}
                    onclick={() => act.post(route('builds.route.reset', build.number), { version: build.version })}
                    >Reset to what is derived</button
                >{/if}
            <button
                class="act"
                type="button"
                disabled={act.busy}
                onclick={() => act.post(route('builds.route.derive', build.number), { version: build.version })}
                >Take today’s house standards</button
            >
            <form
                onsubmit={(event) => {
                    event.preventDefault();
                    act.post(route('builds.route.patterns', build.number), { name: pattern }, () => (pattern = ''));
                }}
            >
                <Field name="name" label="Keep as a house pattern" bind:value={pattern} error={act.errors.name} />
                <button class="act" type="submit" disabled={act.busy || pattern.trim() === ''}>Keep</button>
            </form>
            {#each choices.patterns as one (one.id)}
                <button
                    class="word"
                    type="button"
                    disabled={act.busy}
                    onclick={() =>
                        act.post(route('builds.route.patterns.one', [build.number, one.id]), {
                            version: build.version,
                        })}>Follow “{one.name}”</button
                >
            {/each}
        </div>
    </section>
{/if}

<style>
    .said {
        border-left: 5px solid currentcolor;
        padding: 0.2rem 0.8rem;
        margin-bottom: 0.5rem;
    }

    .two {
        display: grid;
        grid-template-columns: minmax(0, 1fr) minmax(0, 27rem);
        gap: 2rem;
        align-items: start;
    }

    .again form {
        display: flex;
        gap: 0.5rem;
        align-items: end;
    }
    @media (width < 60rem) {
        .two {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
