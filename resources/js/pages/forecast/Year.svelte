<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import YearPages from '@/components/forecast/YearPages.svelte';
    import { route } from '@/lib/address';
    import type { YearLine, YearProps } from '@/lib/props';

    const props: YearProps = $props();
    const WIDE = 130;
    const most = (lines: YearLine[]): number => Math.max(1, ...lines.flatMap((one) => [one.size, one.sizeBefore]));
</script>

<svelte:head><title>The year {props.year} · Regimen</title></svelte:head>

<YearPages />
<h1>{props.year}: {props.headline}</h1>
<p class="quiet">{props.under}</p>
<p class="screen-only flex flex-wrap gap-4 mt-1">
    {#each props.years as year (year)}
        {#if year === props.year}<b>{year}</b>{:else}<a class="target" use:inertia href={route('year', year)}>{year}</a
            >{/if}
    {/each}
    <button class="act" type="button" onclick={() => window.print()}>Print it</button>
</p>

{#snippet table(heading: string, lines: YearLine[], drawn: boolean)}
    <section class="break-inside-avoid">
        <h2 class="border-t-2 border-t-ink pt-2">{heading}</h2>
        <div class="overflow-x-auto">
            <table class="w-full">
                <thead
                    ><tr
                        ><th></th><th class="text-right">{props.year}</th>{#if drawn}<th></th>{/if}<th
                            class="text-right">{props.year - 1}</th
                        ></tr
                    ></thead
                >
                <tbody>
                    {#each lines as one (one.name)}
                        <tr data-year={one.name}>
                            <td class="w-1/2"
                                >{one.name}{#if one.because}<span class="block small quiet">{one.because}</span
                                    >{/if}</td
                            >
                            <td class="figure text-right whitespace-nowrap">{one.value}</td>
                            {#if drawn}
                                <td class="align-middle">
                                    <svg class="in-time block" width={WIDE} height="16" aria-hidden="true">
                                        <rect
                                            class="labour"
                                            x="0"
                                            y="1"
                                            width={(WIDE * one.size) / most(lines)}
                                            height="8"
                                        />
                                        <rect
                                            class="before"
                                            x="0"
                                            y="11"
                                            width={(WIDE * one.sizeBefore) / most(lines)}
                                            height="4"
                                        />
                                    </svg>
                                </td>
                            {/if}
                            <td class="figure text-right whitespace-nowrap quiet">{one.before}</td>
                        </tr>
                    {:else}
                        <tr><td class="quiet" colspan="4">Nothing is recorded.</td></tr>
                    {/each}
                </tbody>
            </table>
        </div>
    </section>
{/snippet}

<div class="sheets mt-4 grid grid-cols-2 gap-8 max-desk:grid-cols-1">
    {@render table('Where the hours went', props.hours, true)}
    <div class="grid gap-6 content-start">
        {@render table('Instruments and promises', props.counts, false)}
        {@render table('By stage', props.stages, true)}
    </div>
</div>
<p class="small quiet mt-3">solid: {props.year}, thin below it: {props.year - 1}</p>

<style>
    /* All of it on one page. */
    @media print {
        .sheets,
        .sheets > div {
            gap: 0.6rem;
        }

        .sheets :is(th, td) {
            padding-block: 0.1rem;
            font-size: 0.8rem;
            line-height: 1.25;
        }
    }

    .before {
        fill: color-mix(in srgb, var(--labour) 45%, var(--paper));
    }
</style>
