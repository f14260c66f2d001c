<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import MoneyPages from '@/components/money/MoneyPages.svelte';
    import Rows from '@/components/money/Rows.svelte';
    import { route } from '@/lib/address';
    import type { EarnedProps, EarnedRow } from '@/lib/props';

    const props: EarnedProps = $props();
    const WIDE = 150;
    const BY = [
        ['build', 'instrument'],
        ['model', 'model'],
        ['client', 'client'],
        ['maker', 'maker'],
        ['month', 'month'],
    ] as const;
</script>

<svelte:head><title>What it earned · Regimen</title></svelte:head>

<MoneyPages />
<h1>{props.headline}</h1>
<p class="quiet">{props.under}</p>
<p class="screen-only flex flex-wrap gap-x-4 mt-1">
    {#each props.years as year (year)}
        {#if year === props.year}<b class="target">{year}</b>{:else}<a
                class="target"
                use:inertia
                href={`${route('money.earned', year)}?by=${props.by}`}>{year}</a
            >{/if}
    {/each}
    <span class="quiet target">by</span>
    {#each BY as [key, words] (key)}
        {#if key === props.by}<b class="target">{words}</b>{:else}<a
                class="target"
                use:inertia
                href={`${route('money.earned', props.year)}?by=${key}`}>{words}</a
            >{/if}
    {/each}
    <button class="act" type="button" onclick={() => window.print()}>Print it</button>
</p>

{#snippet line(one: EarnedRow, whole: boolean)}
    <tr data-earned={one.key} class={whole ? 'whole' : ''}>
        <th scope="row">
            {#if one.build}<a class="plain" use:inertia href={route('builds.money', one.build)}>{one.name}</a>{:else}<b
                    >{one.name}</b
                >{/if}
            {#if one.because}<span class="block small quiet">{one.because}</span>{/if}
        </th>
        <td class="figure text-right">{one.price}</td>
        <td class="figure text-right quiet">{one.material}</td>
        <td class="figure text-right quiet">{one.outside}</td>
        <td class="figure text-right">{one.left}</td>
        <td class="figure text-right">{one.hours}</td>
        <td class={['figure text-right', one.isBelow && 'late']}>{one.anHour}</td>
        <td class="drawn">
            <svg class="in-time block" width={WIDE} height="18" aria-hidden="true">
                <rect class="labour" x="0" y="4" width={WIDE * one.share} height="10" />
                <line
                    x1={Math.min(WIDE - 1, WIDE * props.rate)}
                    x2={Math.min(WIDE - 1, WIDE * props.rate)}
                    y1="0"
                    y2="18"
                    stroke="var(--rust)"
                    stroke-width="2"
                    stroke-dasharray="3 2"
                />
            </svg>
        </td>
    </tr>
{/snippet}

{#if props.all}
    <div class="overflow-x-auto mt-4">
        <table class="min-w-[46rem]">
            <thead>
                <tr>
                    <th scope="col">{BY.find(([key]) => key === props.by)?.[1]}</th><th class="text-right" scope="col"
                        >price without tax</th
                    ><th class="text-right" scope="col">material</th><th class="text-right" scope="col">elsewhere</th
                    ><th class="text-right" scope="col">left</th><th class="text-right" scope="col">hours</th><th
                        class="text-right"
                        scope="col">an hour, {props.currency}</th
                    ><th scope="col"><span class="small">dashed: {props.rateWords}</span></th>
                </tr>
            </thead>
            <tbody>
                {#each props.rows as one (one.key)}{@render line(one, false)}{/each}
                {@render line(props.all, true)}
            </tbody>
        </table>
    </div>
    <section class="mt-6 max-w-[40rem]" aria-labelledby="beside">
        <h2 id="beside" class="border-t-2 border-t-ink pt-2">Beside it</h2>
        <Rows rows={props.beside} />
        <p class="screen-only mt-2 flex flex-wrap gap-4">
            <a class="target" use:inertia href={route('setbacks')}>The loss account</a>
            <a class="target" use:inertia href={route('stores.values')}>What the stores are worth</a>
            <a class="act" href={route('money.file', [props.year, 'months'])} download>{props.year} by month as CSV</a>
        </p>
    </section>
{/if}

<style>
    .whole > :global(*) {
        border-top: 2px solid var(--ink);
    }

    th[scope='row'] {
        border-top: 1px solid var(--rule);
        color: var(--ink);
        font-size: 1rem;
    }
</style>
