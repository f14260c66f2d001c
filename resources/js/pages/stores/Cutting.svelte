<script lang="ts">
    import { inertia, page, router } from '@inertiajs/svelte';
    import BoardDrawing from '@/components/stores/BoardDrawing.svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import PieceRow from '@/components/stores/PieceRow.svelte';
    import { Act } from '@/lib/act.svelte';
    import { asked, query, readPlace, writePlace, type Place } from '@/components/stores/cutting';
    import { route } from '@/lib/address';
    import type { CutChoice, CuttingProps } from '@/lib/props';

    const {
        headline,
        choices,
        needs,
        boards,
        without,
        at,
        byHand,
        turned,
        sound,
        tries,
        weak,
        cautions,
    }: CuttingProps = $props();

    const cutting = new Act();
    const looking = new Act();
    const manager = $derived(page.props.viewer?.manager ?? false);
    const chosen = $derived(choices.filter((one) => one.chosen).map((one) => one.key));
    const wanted = $derived(needs.filter((one) => one.chosen).map((one) => one.key));
    const isWeak = $derived(boards.some((one) => one.laid.some((piece) => piece.turn === 'across')));
    let why = $state('');

    function show(of: Record<string, string[] | string>): void {
        router.get(route('timber.cutting'), of, { preserveState: true, preserveScroll: true });
    }

    function choose(list: CutChoice[], key: string): string[] {
        return list.filter((one) => (one.key === key ? !one.chosen : one.chosen)).map((one) => one.key);
    }

    function move(number: number, to: Partial<Place>): void {
        show(
            asked(
                chosen,
                wanted,
                at.map((one, index) => (index === number ? writePlace({ ...readPlace(one), ...to }) : one)),
                turned,
            ),
        );
    }

    function leave(number: number): void {
        const rest = at.filter((_, index) => index !== number);
        show(asked(chosen, wanted, rest, turned));
    }

    const here = $derived(query(asked(chosen, wanted, at, turned)));
    const file = (name: string): string => `${route('timber.cutting.file', name)}?${here}`;
</script>

<svelte:head><title>Cutting plan · Regimen</title></svelte:head>

<p class="small quiet"><a use:inertia href={route('timber')}>Boards</a> · cutting plan</p>
<h1>{headline}</h1>
{#if byHand}
    <p class="quiet">
        Laid by hand.
        <button class="word" type="button" onclick={() => show(asked(chosen, wanted, null, turned))}
            >Look for the best again</button
        >
    </p>
{:else if boards.length > 0}
    <p class="quiet">
        The best of {tries} tries: fewest boards first, then the most useful offcut.
        {#if tries < 10000}<button
                class="word"
                type="button"
                disabled={looking.busy}
                onclick={() =>
                    looking.post(route('timber.cutting.longer'), asked(chosen, wanted, null, turned) as never)}
                >Look ten times as long</button
            >{/if}
    </p>
{/if}

{#each boards as one (one.board)}
    <section class="mt-5" data-marked={one.board}>
        <h2>
            <a class="plain" use:inertia href={route('timber.one', one.board)}>{one.name}</a>
            <span class="quiet small">{one.size}</span>
        </h2>
        {#if one.settling}<p class="small tight">{one.settling}</p>{/if}
        <p class="small quiet">grain along it →</p>
        <BoardDrawing
            length={one.length}
            width={one.width}
            colour={one.colour}
            defects={one.defects}
            layout={one}
            words={`${one.name} from above with ${one.laid.length} pieces marked on it`}
            onmove={(number, from, across) => move(number, { from, across })}
        />
        <div class="grid grid-cols-[1fr_22rem] gap-8 mt-3 max-desk:grid-cols-1">
            <div>
                {#each one.laid as piece (piece.number)}
                    <PieceRow
                        {piece}
                        place={readPlace(at[piece.number] ?? '')}
                        boards={chosen}
                        onmove={(to) => move(piece.number, to)}
                        onleave={() => leave(piece.number)}
                    />
                {/each}
            </div>
            <div>
                <p>
                    In pieces {one.usedPercent} % of its face, kept {one.keptPercent} %, dust and trimmings {100 -
                        one.usedPercent -
                        one.keptPercent} %.
                </p>
                {#each one.costs as cost, index (index)}
                    <p class="flex justify-between border-t border-t-rule py-1">
                        <span>{cost.words}</span>{#if cost.money}<b class="figure">{cost.money}</b>{/if}
                    </p>
                {/each}
                {#each one.offcuts as offcut, index (index)}
                    <p class="flex justify-between border-t border-t-rule py-1 quiet">
                        <span>to stock: {offcut.words}</span>{#if offcut.money}<span class="figure">{offcut.money}</span
                            >{/if}
                    </p>
                {/each}
                {#if one.order.length > 0}
                    <details class="mt-2">
                        <summary class="word">The cuts in their order</summary>
                        <ol class="small list-decimal pl-6">
                            {#each one.order as cut, index (index)}<li>{cut}</li>{/each}
                        </ol>
                    </details>
                {/if}
                <p class="small mt-2">
                    At full size:
                    <a href={file(`board-${one.board}-full-a4.pdf`)}>PDF</a>,
                    <a href={file(`board-${one.board}.svg`)}>SVG</a>,
                    <a href={file(`board-${one.board}.dxf`)}>DXF</a>; 1:20:
                    <a href={file(`board-${one.board}-1to20.svg`)}>SVG</a>,
                    <a href={file(`board-${one.board}-1to20.dxf`)}>DXF</a>
                </p>
            </div>
        </div>
    </section>
{/each}

{#if without.length > 0}
    <p class="mt-4 tight" data-without>Without a place: {without.join('; ')}.</p>
{/if}
{#if weak}
    <p class="mt-2 tight" data-weak>
        {weak}
        <button class="word" type="button" onclick={() => show(asked(chosen, wanted, null, true))}
            >Show that layout</button
        >
    </p>
{/if}
{#if turned && !byHand}
    <p class="mt-2">
        <button class="word" type="button" onclick={() => show(asked(chosen, wanted, null, false))}
            >Back to the grain along every piece</button
        >
    </p>
{/if}

{#if boards.length > 0}
    <section class="sheet mt-5">
        <h2>Before the saw</h2>
        {#each cautions as caution (caution)}<p class="small">{caution}</p>{/each}
        <p class="small">
            On paper, 1:20 with the order of the cuts: <a href={file('cuts-a4.pdf')}>A4</a>,
            <a href={file('cuts-letter.pdf')}>Letter</a>.
        </p>
        {#if manager}
            <form
                class="mt-2"
                onsubmit={(event) => {
                    event.preventDefault();
                    cutting.post(route('timber.cut'), {
                        ...asked(chosen, wanted, at, turned),
                        versions: Object.fromEntries(boards.map((one) => [one.board, one.version])),
                        because: why,
                    } as never);
                }}
            >
                {#if isWeak}
                    <p class="tight">
                        A piece lies across the grain. Weak: it breaks along the grain where it is long and thin.
                    </p>
                    <div class="w-96 max-w-full">
                        <Field
                            name="because"
                            label="Why it is cut so all the same"
                            bind:value={why}
                            error={cutting.errors.because}
                        />
                    </div>
                {/if}
                <p>
                    <button class="do mt-2" type="submit" disabled={cutting.busy || !sound}>Cut it</button>
                    <span class="small quiet"
                        >The pieces are reserved for their builds at their share of the cost; what is left over goes to
                        stock.</span
                    >
                </p>
                <ErrorLine text={cutting.other('because')} />
            </form>
        {/if}
    </section>
{/if}

<div class="grid grid-cols-2 gap-8 mt-6 max-desk:grid-cols-1">
    {#each [{ list: choices, title: 'Boards', empty: 'No board in the shop is of a timber that is needed.' }, { list: needs, title: 'To be cut', empty: 'Nothing is still to be cut from these.' }] as part, side (part.title)}
        <section class="sheet">
            <h2>{part.title}</h2>
            {#each part.list as one (one.key)}
                <label class="flex gap-2 items-baseline border-t border-t-rule py-1 min-h-11">
                    <input
                        type="checkbox"
                        checked={one.chosen}
                        onchange={() =>
                            show(
                                side === 0
                                    ? asked(choose(choices, one.key), null, null, turned)
                                    : asked(chosen, choose(needs, one.key), null, turned),
                            )}
                    />
                    <span>{one.words} <span class="quiet small">{one.under}</span></span>
                </label>
            {:else}
                <p class="quiet">{part.empty}</p>
            {/each}
        </section>
    {/each}
</div>
