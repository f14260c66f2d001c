<script lang="ts">
    import { untrack } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import Hatch from '@/components/Hatch.svelte';
    import ChangeForm from '@/components/route/ChangeForm.svelte';
    import OperationSheet from '@/components/route/OperationSheet.svelte';
    import Questions from '@/components/route/Questions.svelte';
    import Streams from '@/components/route/Streams.svelte';
    import type {
        Broken,
        RouteChangeLine,
        RouteChoices,
        RouteOperation,
        RoutePrice,
        RouteQuestion,
        RouteTotals,
    } from '@/components/route/route';
    import { Act } from '@/lib/act.svelte';
    import { day, labour, span } from '@/lib/time';

    interface Props {
        build: { number: number; title: string; version: number; revision: number; inOneLine: string };
        editable: boolean;
        totals: RouteTotals;
        operations: RouteOperation[];
        broken: Broken[];
        clashes: { words: string; because: string }[];
        misfits: Record<string, string>;
        changes: RouteChangeLine[];
        questions: RouteQuestion[];
        isChanged: boolean;
        choices: RouteChoices | null;
        air: { words: string; forbids: string | null };
        prices?: Record<string, RoutePrice>;
    }

    const { build, editable, totals, operations, broken, clashes, misfits, changes, questions, isChanged, choices, air, prices }: Props =
        $props();

    const act = new Act();
    const changeAct = new Act();
    const base = $derived(`/builds/${build.number}`);
    let chosen = $state<string | null>(null);
    let pattern = $state('');
    const shown = $derived(operations.find((operation) => operation.key === chosen) ?? null);
    const stages = $derived(
        [...new Set(operations.map((operation) => operation.stage))].map((name) => {
            const own = operations.filter((operation) => operation.stage === name);
            return { name, operations: own, minutes: own.reduce((sum, one) => sum + one.setUp + one.labour, 0) };
        }),
    );
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
    const spent = $derived(
        totals.spent === null
            ? []
            : [
                  { words: 'labour, with its nights', days: totals.spent.labour, shape: 'solid' },
                  { words: 'holds', days: totals.spent.holds, shape: 'hatched' },
                  { words: 'waiting for parts', days: totals.spent.parts, shape: 'open' },
                  { words: 'nobody works', days: totals.spent.closed, shape: 'none' },
              ].filter((one) => one.days > 0),
    );
    const all = $derived(spent.reduce((sum, one) => sum + one.days, 0));

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
                    : (operations.find((operation) => operation.state === 'started' || operation.state === 'open')?.key ?? null);
            }
        });
    });
</script>

<svelte:head><title>Route of {build.number} {build.title} · Regimen</title></svelte:head>

<Hatch />
<div class="head">
    <div>
        <h1>{heading}</h1>
        <p class="quiet">
            <a class="plain" href={base}>{build.number} · {build.title}</a>, {build.inOneLine}; derived from revision {build.revision}
        </p>
        <nav class="screen-only" aria-label="On this page">
            <a href="#stages">Stages</a><a href="#methods">Methods</a>{#if editable}<a href="#change">Change</a><a
                    href={`${base}/route/compare`}>Compare</a
                >{/if}<a href={`${base}/traveller-a4.pdf`}>Traveller, A4</a><a href={`${base}/traveller-letter.pdf`}>Traveller, Letter</a>
        </nav>
    </div>
    <dl>
        <div>
            <dt>Set-up and labour</dt>
            <dd class="figure big" data-figure="work">{totals.work}</dd>
        </div>
        <div>
            <dt>Labour at best · usual · at worst</dt>
            <dd class="figure">{totals.labour}</dd>
        </div>
        <div>
            <dt>Alone in the shop</dt>
            <dd class="figure big" data-figure="days">{totals.days === null ? 'cannot be planned' : `${totals.days} days`}</dd>
        </div>
    </dl>
</div>

{#each clashes as clash (clash.words)}<p class="said late"><b>{clash.words}</b> {clash.because}</p>{/each}
{#each Object.entries(misfits) as [key, words] (key)}<p class="said late">{words}</p>{/each}
{#each broken as one (one.key)}
    <p class={['said', one.severity === 'stop' ? 'late' : 'tight']} data-broken={one.severity}><b>{one.title}.</b> {one.words}</p>
{/each}

{#if spent.length > 0}
    <div class="days" role="img" aria-label={`Where the days go: ${spent.map((one) => `${one.days} days ${one.words}`).join(', ')}`}>
        {#each spent as one (one.words)}
            <div style={`flex: ${one.days / all} 1 0`} class="part">
                <i class={one.shape}></i><span class="small"><b class="figure">{one.days}</b> {one.words}</span>
            </div>
        {/each}
    </div>
{/if}

<section class="sheet">
    <Streams {operations} {chosen} onchoose={choose} />
    <p class="small quiet">
        Filled: labour. Hatched: a hold. Ring: a gate. Underlined: the critical chain, by durations alone. {air.words}{air.forbids
            ? ` It is ${air.forbids}.`
            : ''}
        <a href="/climate">Air of the shop</a>
    </p>
</section>

<div class="two">
    <section class="sheet" id="stages">
        <h2>In stages, {totals.operations} operations</h2>
        {#each stages as stage (stage.name)}
            <div class="stage">
                <p class="name"><b>{stage.name}</b> <span class="figure small quiet">{labour(stage.minutes)}</span></p>
                <ol>
                    {#each stage.operations as operation (operation.key)}
                        <li class={[operation.state, operation.useless && 'useless']}>
                            <button
                                type="button"
                                class={['line', operation.key === chosen && 'chosen']}
                                aria-pressed={operation.key === chosen}
                                data-operation={operation.key}
                                onclick={() => choose(operation.key)}
                            >
                                <i class="shape"></i>
                                <span class={operation.critical ? 'chain' : ''}
                                    >{operation.name}{operation.own ? ' (own)' : ''}{operation.useless ? ', not needed any more' : ''}</span
                                >
                                <span class="figure small">{labour(operation.setUp + operation.labour)}</span>
                                <span class="small hold"
                                    >{#if operation.hold > 0}<i class="hatched"></i>{span(operation.holdNow)}{/if}</span
                                >
                                {#if operation.gate.length > 0}<i class="ring" title={operation.gateShort}></i>{/if}
                            </button>
                        </li>
                    {/each}
                </ol>
            </div>
        {/each}
    </section>
    <section class="sheet opened" aria-live="polite">
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
    compare={`${base}/route/compare`}
    {questions}
    {prices}
    {editable}
    {act}
    onchoose={(question, answer) => act.post(`${base}/route/method`, { version: build.version, key: question, answer })}
/>

{#if changes.length > 0}
    <section class="sheet" id="changes">
        <h2>Changed on this build</h2>
        <ul>
            {#each changes as one (one.id)}
                <li class="change">
                    <span>
                        {one.words}
                        <span class="small quiet">{day(one.at)}{one.by ? ` by ${one.by}` : ''}{one.reason ? `: ${one.reason}` : ''}</span>
                        {#if one.left}<span class="late"
                                >Not carried over: {one.left} Undo it, or change the route so that it fits again.</span
                            >{/if}
                    </span>
                    {#if editable}<button
                            class="word"
                            type="button"
                            disabled={act.busy}
                            onclick={() => act.send('delete', `${base}/route/changes/${one.id}`, { version: build.version })}>undo</button
                        >{/if}
                </li>
            {/each}
        </ul>
    </section>
{/if}

{#if editable && choices}
    <section class="sheet">
        <h2>Change the route</h2>
        <ChangeForm build={build.number} version={build.version} {operations} {chosen} {choices} act={changeAct} />
        <div class="again">
            {#if isChanged}<button
                    class="act"
                    type="button"
                    disabled={act.busy}
                    onclick={() => act.post(`${base}/route/reset`, { version: build.version })}>Reset to what is derived</button
                >{/if}
            <button
                class="act"
                type="button"
                disabled={act.busy}
                onclick={() => act.post(`${base}/route/derive`, { version: build.version })}>Take today’s house standards</button
            >
            <form
                onsubmit={(event) => {
                    event.preventDefault();
                    act.post(`${base}/route/patterns`, { name: pattern }, () => (pattern = ''));
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
                    onclick={() => act.post(`${base}/route/patterns/${one.id}`, { version: build.version })}>Follow “{one.name}”</button
                >
            {/each}
        </div>
    </section>
{/if}

<style>
    .head {
        display: grid;
        grid-template-columns: minmax(0, 1fr) auto;
        gap: 1rem 2rem;
        align-items: start;
        margin-bottom: 0.8rem;
    }

    dl {
        display: flex;
        flex-wrap: wrap;
        gap: 0.4rem 1.8rem;
    }

    dt {
        font-size: 0.8rem;
        color: var(--quiet);
    }

    .big {
        font-size: 1.15rem;
    }

    nav {
        display: flex;
        flex-wrap: wrap;
        gap: 0.3rem 1.2rem;
        margin-top: 0.4rem;
    }

    .said {
        border-left: 5px solid currentcolor;
        padding: 0.2rem 0.8rem;
        margin-bottom: 0.5rem;
    }

    .days {
        display: flex;
        gap: 3px;
        margin-bottom: 1rem;
    }

    .part {
        min-width: 4.5rem;
    }

    .part i {
        display: block;
        height: 0.8rem;
        margin-bottom: 0.15rem;
    }

    .part .solid {
        background: var(--labour);
    }

    .part .hatched,
    .line .hatched {
        border: 1px solid var(--labour);
        background: repeating-linear-gradient(-45deg, var(--labour) 0 1px, transparent 1px 4px);
    }

    .part .open {
        border: 1px dashed var(--labour);
    }

    .part .none {
        border-bottom: 1px solid var(--rule);
    }

    section {
        margin-top: 1.2rem;
    }

    .two {
        display: grid;
        grid-template-columns: minmax(0, 1fr) minmax(0, 27rem);
        gap: 2rem;
        align-items: start;
    }

    .opened {
        position: sticky;
        top: 0.5rem;
        max-height: calc(100vh - 6.5rem);
        overflow-y: auto;
    }

    .stage {
        display: grid;
        grid-template-columns: 8.5rem minmax(0, 1fr);
        gap: 0 1rem;
        border-top: 1px solid var(--rule);
        padding: 0.25rem 0;
    }

    .name .figure {
        display: block;
    }

    .line {
        display: grid;
        grid-template-columns: 1rem minmax(0, 1fr) 5.2rem 6.2rem 0.8rem;
        gap: 0.6rem;
        align-items: center;
        width: 100%;
        text-align: left;
        min-height: 26px;
        padding: 0.1rem 0.3rem;
        cursor: pointer;
    }

    .line:hover {
        background: var(--shade);
    }

    .line.chosen {
        background: var(--shade);
        border-left: 3px solid var(--accent);
    }

    .chain {
        text-decoration: underline;
        text-decoration-thickness: 1.5px;
        text-underline-offset: 4px;
    }

    .line .figure {
        text-align: right;
        font-weight: 450;
    }

    .shape {
        width: 0.7rem;
        height: 0.7rem;
        border: 1px solid var(--labour);
    }

    .done .shape {
        background: var(--ink);
    }

    .started .shape {
        background: linear-gradient(to right, var(--accent) 60%, transparent 60%);
    }

    .holding .shape {
        background: repeating-linear-gradient(-45deg, var(--labour) 0 1px, transparent 1px 4px);
    }

    .useless {
        color: var(--quiet);
    }

    .line .hatched {
        display: inline-block;
        width: 1rem;
        height: 0.5rem;
        margin-right: 0.3rem;
    }

    .ring {
        width: 0.65rem;
        height: 0.65rem;
        border: 1.5px solid var(--labour);
        border-radius: 50%;
    }

    .change {
        display: flex;
        justify-content: space-between;
        gap: 1rem;
        border-top: 1px solid var(--rule);
        padding: 0.35rem 0;
    }

    .change .late {
        display: block;
    }

    .again {
        display: flex;
        flex-wrap: wrap;
        gap: 0.6rem 1.2rem;
        align-items: end;
        margin-top: 1rem;
    }

    .again form {
        display: flex;
        gap: 0.5rem;
        align-items: end;
    }

    @media (width < 60rem) {
        .head,
        .two {
            grid-template-columns: minmax(0, 1fr);
        }

        .opened {
            position: static;
            max-height: none;
        }

        .stage {
            grid-template-columns: minmax(0, 1fr);
        }

        .line {
            min-height: 44px;
            grid-template-columns: 1rem minmax(0, 1fr) 4.4rem;
        }

        .line .hold,
        .line .ring {
            display: none;
        }

        .days {
            flex-wrap: wrap;
        }

        nav a {
            padding: 0.7rem 0;
        }
    }
</style>
