<script lang="ts">
    import { inertia, page } from '@inertiajs/svelte';
    import { untrack } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import Head from '@/components/setback/Head.svelte';
    import Otherwise from '@/components/setback/Otherwise.svelte';
    import Remedy from '@/components/setback/Remedy.svelte';
    import { Act } from '@/lib/act.svelte';
    import { ask } from '@/lib/ask';
    import { calendarDay } from '@/lib/time';
    import { route } from '@/lib/address';
    import type { RemedyLine, RemedyTried, SetbackProps } from '@/lib/props';

    const { setback, remedies, old, again, pieces, causes, until }: SetbackProps = $props();

    const act = new Act();
    const manager = $derived(page.props.viewer?.manager ?? false);
    const key = (one: RemedyLine): string => `${one.do}:${one.option}`;

    let tried = $state<Record<string, RemedyTried | null>>({});
    let chosen = $state('');
    let keepsOld = $state('write-off');
    let place = $state('');
    let because = $state('');
    let line = $state('');
    // svelte-ignore state_referenced_locally
    let said = $state({ piece: setback.piece ?? '', cause: setback.cause });

    const choice = $derived(remedies.find((one) => key(one) === chosen));
    const body = (one: RemedyLine) => ({
        do: one.do,
        option: one.option,
        old: one.replaces ? keepsOld : '',
        place: one.replaces && keepsOld === 'keep' ? place : '',
        because,
    });

    /** Each is planned through the whole shop, one after the other; what was tried of another state is forgotten. */
    $effect(() => {
        const at = `${setback.id}:${setback.version}`;
        if (!manager || !setback.open) return;
        untrack(() => {
            tried = {};
            chosen = remedies.find((one) => one.cannot.length === 0)?.do
                ? key(remedies.find((one) => one.cannot.length === 0) as RemedyLine)
                : '';
        });
        let left = false;
        void (async () => {
            for (const one of untrack(() => remedies)) {
                if (left || one.cannot.length > 0) continue;
                const answer = await ask<RemedyTried>(route('setbacks.try', setback.id), {
                    do: one.do,
                    option: one.option,
                });
                if (!left && at === `${setback.id}:${setback.version}`) tried[key(one)] = answer;
            }
        })();
        return () => (left = true);
    });

    function decide(): void {
        if (choice) {
            act.post(route('setbacks.decide', setback.id), { version: setback.version, ...body(choice) });
        }
    }
</script>

<svelte:head><title>{setback.build}: {setback.text} · Regimen</title></svelte:head>

<Head {setback} ways={remedies.length} {manager} />

{#if !setback.open}
    <p class="my-4 border-l-4 border-l-ink pl-3" data-decided>
        {setback.state === 'withdrawn' ? 'Settled' : 'Decided'}{setback.decidedBy ? ` by ${setback.decidedBy}` : ''}:
        {setback.decided}.
        {#if setback.finishBefore && setback.finishAfter}
            The finish {setback.finishBefore === setback.finishAfter
                ? `stays ${calendarDay(setback.finishAfter)}`
                : `moved from ${calendarDay(setback.finishBefore)} to ${calendarDay(setback.finishAfter)}`}.
        {/if}
    </p>
{:else}
    <div class="ways mt-4">
        {#each remedies as one (key(one))}
            <Remedy
                remedy={one}
                tried={tried[key(one)]}
                chosen={chosen === key(one)}
                canChoose={manager}
                onchoose={() => (chosen = key(one))}
            />
        {/each}
    </div>
    {#if setback.mishap !== '' && setback.piece === null && pieces.length > 0}
        <p class="tight mt-3">
            It was not told on which piece it happened. Say that below, and it can be made again or taken from
            elsewhere.
        </p>
    {/if}
{/if}

<div class="grid grid-cols-2 gap-10 mt-6 max-desk:grid-cols-1 max-desk:gap-4">
    {#if setback.open && setback.piece && manager}
        <section>
            <h2>What becomes of the old {setback.piece}</h2>
            {#each old as sentence (sentence)}<p>{sentence}</p>{/each}
            <div class="flex gap-5 flex-wrap items-end" role="radiogroup" aria-label="What becomes of it">
                <label class="min-h-[2.75rem] inline-flex items-center gap-2 cursor-pointer"
                    ><input type="radio" value="write-off" bind:group={keepsOld} /> write it off</label
                >
                <label class="min-h-[2.75rem] inline-flex items-center gap-2 cursor-pointer"
                    ><input type="radio" value="keep" bind:group={keepsOld} /> keep it in stock</label
                >
                {#if keepsOld === 'keep'}
                    <div class="w-52">
                        <Field name="place" label="Where it lies" bind:value={place} error={act.errors.place} />
                    </div>
                {/if}
            </div>
        </section>
    {/if}
    {#if again}
        <section>
            <h2>{again.heading}</h2>
            <p>{again.words}</p>
            {#if again.operation && again.seen !== null}
                <form
                    class="flex gap-3 items-end flex-wrap"
                    onsubmit={(event) => {
                        event.preventDefault();
                        act.post(
                            route('operations.instruction', again.operation ?? 0),
                            {
                                text: `${again.instruction}${again.instruction ? '\n' : ''}${line}`,
                                seen: again.seen ?? 0,
                            },
                            () => (line = ''),
                        );
                    }}
                >
                    <div class="w-80 max-md:w-full">
                        <Field
                            name="line"
                            label="Add to how we do it"
                            hint="brush the template first"
                            bind:value={line}
                        />
                    </div>
                    <button class="act mb-5" type="submit" disabled={act.busy || line.trim() === ''}>Add</button>
                </form>
            {/if}
        </section>
    {/if}
</div>

{#if manager && setback.open}
    {#if choice?.do === 'keep'}
        <div class="max-w-xl mt-3">
            <Field name="because" label="Why it can stay as it is" bind:value={because} error={act.errors.because} />
        </div>
    {/if}
    <ErrorLine text={act.other('because', 'place', 'cause', 'line', 'text')} />
    <p class="flex gap-3 mt-4 flex-wrap">
        <button class="do" type="button" disabled={act.busy || !choice} onclick={decide} data-decide
            >{choice ? (choice.name[0]?.toUpperCase() ?? '') + choice.name.slice(1) : 'Choose one'}</button
        >
    </p>
    <Otherwise {setback} {until} />
{/if}

{#if manager}
    <form
        class="mt-6 flex gap-4 items-end flex-wrap border-t border-t-rule pt-3"
        onsubmit={(event) => {
            event.preventDefault();
            act.send('put', route('setbacks.say', setback.id), { version: setback.version, ...said });
        }}
    >
        {#if pieces.length > 0 && setback.open}
            <div class="w-44">
                <Field
                    name="piece"
                    label="On which piece"
                    options={[{ value: '', words: 'none' }, ...pieces]}
                    bind:value={said.piece}
                    error={act.errors.piece}
                />
            </div>
        {/if}
        <div class="w-72">
            <Field name="cause" label="Because of" options={causes} bind:value={said.cause} error={act.errors.cause} />
        </div>
        <button class="act" type="submit" disabled={act.busy}>Save</button>
    </form>
{/if}
<p class="small quiet mt-4">
    <a use:inertia href={route('setbacks')}>All that went wrong</a> · what is lost stands in the loss account, not in the
    cost of the build.
</p>

<style>
    .ways {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(min(100%, 16rem), 1fr));
        gap: 1.6rem;
    }
</style>
