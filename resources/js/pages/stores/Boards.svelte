<script lang="ts">
    import { inertia, page, router } from '@inertiajs/svelte';
    import BlankRow from '@/components/stores/BlankRow.svelte';
    import BoardForm from '@/components/stores/BoardForm.svelte';
    import Field from '@/components/Field.svelte';
    import { calendarDay } from '@/lib/time';
    import { route } from '@/lib/address';
    import type { BoardsProps } from '@/lib/props';

    const { headline, balance, boards, find, more, needs, blanks, species, cuts }: BoardsProps = $props();

    const manager = $derived(page.props.viewer?.manager ?? false);
    const small = $derived(needs.filter((one) => one.small));
    let open = $state(false);
    let typed = $derived(find);
</script>

<svelte:head><title>Boards · Regimen</title></svelte:head>

<h1>{headline}</h1>
<p class="quiet">
    {balance} <a use:inertia href={route('climate')}>Air of the shop</a>;
    <a use:inertia href={route('timber.papers')}>papers of protected timber</a>{#if manager};
        <a use:inertia href={route('timber.table')}>boards as a table</a>{/if}.
</p>
{#if manager}
    <p class="mt-2">
        <button class="do" type="button" aria-expanded={open} onclick={() => (open = !open)}>Take a board in</button>
    </p>
    {#if open}<BoardForm {species} {cuts} />{/if}
{/if}

{#if needs.length > 0}
    <section class="sheet mt-5">
        <h2>Still to be cut</h2>
        {#if needs.some((one) => !one.small && one.boards.length === 0)}
            <p>
                <a use:inertia href={route('timber.cutting')}>Plan the cuts</a>. What no board serves is on the
                <a use:inertia href={route('timber.yard')}>list for the timber yard</a>.
            </p>
        {/if}
        <ul>
            {#each needs.filter((one) => !one.small) as one, index (index)}
                <li class="border-t border-t-rule py-1">
                    <b class="figure">{one.build}</b>
                    {one.title}, {one.what}: {one.timber}
                    <span class="quiet small">{one.size}</span>
                    {#if one.boards.length > 0}
                        {#each one.boards.slice(0, 4) as board (board)}<a
                                class="ml-2"
                                use:inertia
                                href={route('timber.one', board)}>board {board}</a
                            >{/each}
                    {:else}<span class="tight ml-2">no board serves it</span>{/if}
                </li>
            {/each}
        </ul>
        {#if small.length > 0}
            <p class="small quiet border-t border-t-rule pt-2">
                From offcuts: {#each small as one, index (index)}{index ? '; ' : ''}<b class="figure">{one.build}</b>
                    {one.what}, {one.timber}, {one.size}{one.boards.length
                        ? ` (board ${one.boards.slice(0, 2).join(', ')})`
                        : ''}{/each}.
            </p>
        {/if}
    </section>
{/if}

{#if blanks.length > 0}
    <section class="sheet mt-5">
        <h2>Cut, and waiting for its operation</h2>
        {#each blanks as blank (blank.id)}<BlankRow {blank} {manager} />{/each}
    </section>
{/if}

<section class="sheet mt-5">
    <h2>Boards</h2>
    {#if boards.length > 8 || find !== ''}
        <form
            class="flex gap-3 items-end"
            role="search"
            onsubmit={(event) => {
                event.preventDefault();
                router.get(route('timber'), typed === '' ? {} : { find: typed }, {
                    preserveState: true,
                    preserveScroll: true,
                });
            }}
        >
            <div class="w-64"><Field name="find" label="Number, timber, place, cut" bind:value={typed} /></div>
            <button class="act" type="submit">Find</button>
            {#if find !== ''}<a class="act" use:inertia href={route('timber')}>All boards</a>{/if}
        </form>
    {/if}
    {#each boards as one (one.id)}
        <a class="plain row" use:inertia href={route('timber.one', one.id)} data-board={one.id}>
            <span><b class="figure">{one.id}</b> {one.species}{one.protected ? ', protected' : ''}</span>
            <span class="quiet">{one.size}, {one.cut}</span>
            <span class="quiet">{one.feet}{one.place ? `, ${one.place}` : ''}</span>
            <span class:tight={one.readyOn !== null && !one.ready}
                >{one.readyOn === null
                    ? one.moisture
                    : one.ready
                      ? `settled, ${one.moisture}`
                      : `ready ${calendarDay(one.readyOn)}, ${one.moisture}`}</span
            >
            <span class="quiet"
                >{one.serves === 0
                    ? 'nothing waits for it'
                    : one.serves === 1
                      ? 'serves one need'
                      : `serves ${one.serves} needs`}</span
            >
            <span class="figure">{one.money ?? ''}</span>
        </a>
    {:else}
        <p class="quiet py-2">
            {find === ''
                ? 'Boards as they are bought stand here, with what they could become and when they are settled.'
                : 'No board is called so.'}
        </p>
    {/each}
    {#if more > 0}
        <p class="quiet py-2 border-t border-t-rule">
            {more} more are not shown: look for a number, a timber or a place.
        </p>
    {/if}
</section>

<style>
    .row {
        display: grid;
        grid-template-columns: minmax(0, 1.2fr) minmax(0, 1.5fr) minmax(0, 1.2fr) minmax(0, 1.3fr) minmax(0, 1fr) 5rem;
        gap: 1rem;
        padding: 0.45rem 0;
        border-top: 1px solid var(--rule);
        align-items: baseline;
    }

    .row > :last-child {
        text-align: right;
    }

    @media (width < 60rem) {
        .row {
            grid-template-columns: 1fr;
            gap: 0;
        }

        .row > :last-child {
            text-align: left;
        }
    }
</style>
