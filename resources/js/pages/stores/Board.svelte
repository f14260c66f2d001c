<script lang="ts">
    import { inertia, page } from '@inertiajs/svelte';
    import Because from '@/components/Because.svelte';
    import BoardDrawing from '@/components/stores/BoardDrawing.svelte';
    import BoardMore from '@/components/stores/BoardMore.svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { moment } from '@/lib/time';
    import { asked, query } from '@/components/stores/cutting';
    import { route } from '@/lib/address';
    import type { BoardProps } from '@/lib/props';

    const props: BoardProps = $props();
    const {
        id,
        version,
        headline,
        under,
        size,
        length,
        width,
        colour,
        money,
        papers,
        protected: isProtected,
        note,
        gone,
        settling,
        because,
        defects,
        serves,
        not,
        layout,
        without,
        readings,
        kinds,
    } = $derived(props);

    const marking = new Act();
    const reading = new Act();
    const going = new Act();
    const manager = $derived(page.props.viewer?.manager ?? false);
    let mark = $state({ kind: 'knot', from: '', across: '', long: '', wide: '' });
    let read = $state({ moisture: '', weight: '' });
    let why = $state('');

    function pointed(from: number, across: number, long: number, wide: number): void {
        mark = { ...mark, from: String(from), across: String(across), long: String(long), wide: String(wide) };
    }
</script>

<svelte:head><title>Board {id} · Regimen</title></svelte:head>

<p class="small quiet"><a use:inertia href={route('timber')}>Boards</a> · board {id} · {under}</p>
<h1>{headline}</h1>
<p class="quiet">{size}{money ? `; ${money}` : ''}.{gone ? ` Gone: ${gone}.` : ''}</p>

<p class="small quiet mt-4">grain along it →</p>
<BoardDrawing
    {length}
    {width}
    {colour}
    {defects}
    {layout}
    words={`Board ${id} from above, ${defects.length} marks`}
    {...gone ? {} : { onmark: pointed }}
/>

{#if layout}
    <p class="mt-2" data-layout>
        Together on it: {layout.laid.length}
        {layout.laid.length === 1 ? 'piece' : 'pieces'}, {layout.usedPercent} % of its face{layout.offcuts[0]
            ? `; the most useful offcut is ${layout.offcuts[0].words}`
            : '; nothing worth keeping is left'}.
        <a use:inertia href={`${route('timber.cutting')}?${query(asked([String(id)], null, null, false))}`}
            >Plan the cuts</a
        >
        {#if without.length}Without a place beside them: {without.join(', ')}.{/if}
        <span class="small block"
            >{#each layout.laid as one, index (index)}{index ? '; ' : ''}{one.words} from
                <span class="figure">{one.from} / {one.across}</span>{/each} mm</span
        >
    </p>
{/if}

<div class="grid grid-cols-3 gap-8 mt-6 max-desk:grid-cols-1">
    <section>
        <h2 class="border-t-2 border-t-ink pt-2">What it could become</h2>
        {#each serves as one, index (index)}
            <p class="border-t border-t-rule py-1" data-serves>
                <a class="plain" use:inertia href={route('builds.show', one.build)}
                    ><b class="figure">{one.build}</b> {one.title}</a
                >, {one.what}{one.times > 1 ? `, ${one.times} times` : ''}
                <span class="quiet small">{one.size}; {one.usedPercent} % of it used</span>
                {#each one.but as but (but)}<span class="tight small block">{but}</span>{/each}
                {#if one.across > 0}<span class="tight small block"
                        >{one.across} with the grain across: weak, a horn would break along the grain</span
                    >{/if}
            </p>
        {:else}
            <p class="quiet">{gone ? 'It is gone.' : 'No build in the making is still to be cut from it.'}</p>
        {/each}
        {#each not as one (one)}<p class="small quiet">Not {one}</p>{/each}
    </section>
    <section>
        <h2 class="border-t-2 border-t-ink pt-2">How it settles</h2>
        <p>
            {settling}
            {#if because}<Because text={because} word="why" />{/if}
        </p>
        {#each readings as one (one.id)}
            <p class="border-t border-t-rule py-1 small">
                <span class="figure">{moment(one.at)}</span>
                {one.by}: <span class="figure">{[one.moisture, one.weight].filter(Boolean).join(', ')}</span>
                {#if !gone}<button
                        class="word"
                        type="button"
                        disabled={reading.busy}
                        onclick={() => reading.send('delete', route('timber.readings.one', one.id))}>strike out</button
                    >{/if}
            </p>
        {/each}
        {#if !gone}
            <form
                class="grid grid-cols-2 gap-3 mt-2"
                onsubmit={(event) => {
                    event.preventDefault();
                    reading.post(route('timber.readings', id), read, () => (read = { moisture: '', weight: '' }));
                }}
            >
                <Field
                    name="moisture"
                    label="Meter reads, %"
                    bind:value={read.moisture}
                    error={reading.errors.moisture}
                />
                <Field name="weight" label="Weighs, kg" bind:value={read.weight} error={reading.errors.weight} />
                <p><button class="do" type="submit" disabled={reading.busy}>Write it down</button></p>
            </form>
            <ErrorLine text={reading.other('moisture', 'weight')} />
        {/if}
    </section>
    <section>
        <h2 class="border-t-2 border-t-ink pt-2">Before the saw</h2>
        {#each defects as one (one.id)}
            <p class="border-t border-t-rule py-1 small">
                {one.kind} at <span class="figure">{one.from} / {one.across}</span>,
                <span class="figure">{one.length} × {one.width} mm</span>
                {#if !gone}<button
                        class="word"
                        type="button"
                        disabled={marking.busy}
                        onclick={() => marking.send('delete', route('timber.defects.one', one.id))}>take it off</button
                    >{/if}
            </p>
        {/each}
        {#if !gone}
            <form
                class="mt-2"
                onsubmit={(event) => {
                    event.preventDefault();
                    marking.post(
                        route('timber.defects', id),
                        mark,
                        () => (mark = { ...mark, from: '', across: '', long: '', wide: '' }),
                    );
                }}
            >
                <p class="small quiet">
                    Draw a mark on the board, or write where it lies, in mm from the left and from the upper edge.
                </p>
                <Field
                    name="kind"
                    label="What is there"
                    options={kinds}
                    bind:value={mark.kind}
                    error={marking.errors.kind}
                />
                <div class="grid grid-cols-2 gap-3">
                    <Field name="from" label="From the end" bind:value={mark.from} error={marking.errors.from} />
                    <Field name="across" label="From the edge" bind:value={mark.across} error={marking.errors.across} />
                    <Field name="long" label="Along the grain" bind:value={mark.long} error={marking.errors.long} />
                    <Field name="wide" label="Across" bind:value={mark.wide} error={marking.errors.wide} />
                </div>
                <ErrorLine text={marking.other('kind', 'from', 'across', 'long', 'wide')} />
                <button class="act mt-2" type="submit" disabled={marking.busy}>Mark it</button>
            </form>
        {/if}
        <p class="small quiet mt-3">
            Eyes, ears, dust: extraction and a respirator. The saw’s manual and local rules decide.
        </p>
        {#if isProtected}
            <p class="small tight mt-2">
                Its timber is protected in places (CITES). Papers on file: {papers || 'none'}. Before any of it crosses
                a border ask the authority which papers it needs.
            </p>
        {:else if papers}<p class="small quiet mt-2">Papers on file: {papers}.</p>{/if}
        {#if note}<p class="mt-2">{note}</p>{/if}
    </section>
</div>

<BoardMore board={props} {manager} />

{#if manager && !gone}
    <form
        class="flex gap-3 items-end flex-wrap mt-6 border-t border-t-rule pt-3"
        onsubmit={(event) => {
            event.preventDefault();
            going.post(route('timber.gone', id), { version, because: why });
        }}
    >
        <div class="w-80">
            <Field name="because" label="It is gone: why" bind:value={why} error={going.errors.because} />
        </div>
        <button class="act" type="submit" disabled={going.busy || why.trim() === ''}>Let it go</button>
        <ErrorLine text={going.other('because')} />
    </form>
{/if}
