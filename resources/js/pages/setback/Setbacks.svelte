<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import Because from '@/components/Because.svelte';
    import { day, labour } from '@/lib/time';
    import { route } from '@/lib/address';
    import type { SetbacksProps } from '@/lib/props';

    const { headline, account, groups, lines }: SetbacksProps = $props();
</script>

<svelte:head><title>What went wrong · Regimen</title></svelte:head>

<h1>{headline}</h1>
<p class="quiet">{account}</p>
<p class="flex gap-5 flex-wrap mt-1">
    <a use:inertia href={route('pieces')}>Pieces in stock</a><a use:inertia href={route('logbook')}>Logbook</a>
</p>

{#if lines.length > 0}
    <table class="mt-4 w-full" data-setbacks>
        <caption class="sr-only">What went wrong, what is open first</caption>
        <thead><tr><th>Build</th><th>What</th><th>Decided</th><th class="text-right">Lost</th></tr></thead>
        <tbody>
            {#each lines as one (one.id)}
                <tr>
                    <td class="whitespace-nowrap">
                        <b class="figure">{one.build}</b> <span class="quiet small max-md:hidden">{one.title}</span>
                        <div class="small quiet">{day(one.at)}, {one.by}</div>
                    </td>
                    <td>
                        <a
                            class="inline-flex items-center min-h-(--target)"
                            use:inertia
                            href={route('setbacks.one', one.id)}>{one.text}</a
                        >
                        <div class="small quiet">{one.where}</div>
                    </td>
                    <td class:late={one.state === 'open'}
                        >{one.state === 'open' ? 'not yet' : one.decided || 'settled'}</td
                    >
                    <td class="figure text-right whitespace-nowrap">
                        {one.minutes > 0 ? labour(one.minutes) : '–'}{#if one.money}<div class="small">
                                {one.money}
                            </div>{/if}
                    </td>
                </tr>
            {/each}
        </tbody>
    </table>
{:else}
    <p class="py-4">
        Whoever notices something presses <i>Something is wrong</i> at the bench or on a build’s sheet; it stands here with
        what it cost and what was decided.
    </p>
{/if}

<div class="groups mt-8">
    {#each groups as group (group.name)}
        <section>
            <h2>{group.name}</h2>
            <table class="w-full">
                <thead class="sr-only"><tr><th>What</th><th>How often</th><th>Hours lost</th></tr></thead>
                <tbody>
                    {#each group.rows as row, index (index)}
                        <tr>
                            <td>
                                {row.name}
                                {#if row.perHundred !== null}
                                    <div class="small quiet">
                                        {row.perHundred} in a hundred <Because text={row.because} word="why" />
                                    </div>
                                {/if}
                            </td>
                            <td class="figure text-right whitespace-nowrap">{row.count} ×</td>
                            <td class="figure text-right whitespace-nowrap"
                                >{row.minutes > 0 ? labour(row.minutes) : '–'}{#if row.money}<div class="small">
                                        {row.money}
                                    </div>{/if}</td
                            >
                        </tr>
                    {/each}
                </tbody>
            </table>
        </section>
    {/each}
</div>

<style>
    .groups {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(min(100%, 22rem), 1fr));
        gap: 2rem;
    }

    th {
        text-align: left;
        font-weight: 500;
        color: var(--quiet);
        font-size: 0.85rem;
    }

    td {
        border-top: 1px solid var(--rule);
        padding: 0.4rem 0.8rem 0.4rem 0;
        vertical-align: top;
    }

    @media (width < 48rem) {
        [data-setbacks],
        [data-setbacks] :is(tbody, tr, td) {
            display: block;
            text-align: left;
        }

        [data-setbacks] thead {
            display: none;
        }

        [data-setbacks] tr {
            border-top: 1px solid var(--rule);
            padding: 0.4rem 0;
        }

        [data-setbacks] td {
            border: 0;
            padding: 0;
        }
    }
</style>
