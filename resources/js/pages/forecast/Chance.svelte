<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import Mark from '@/components/Mark.svelte';
    import Held from '@/components/forecast/Held.svelte';
    import Standing from '@/components/forecast/Standing.svelte';
    import { asking } from '@/components/forecast/asking.svelte';
    import InTime from '@/components/forecast/InTime.svelte';
    import { route } from '@/lib/address';
    import { calendarDay } from '@/lib/time';
    import type { ChanceProps, RaiseLine } from '@/lib/props';

    const chance: ChanceProps = $props();

    const act = asking(
        () => chance.standing,
        () => chance.raising === 'trying',
    );
    $effect(() => {
        if (
            !act.busy &&
            chance.standing === 'done' &&
            chance.raising === 'none' &&
            chance.chance !== null &&
            chance.chance < 99
        ) {
            act.post(route('plan.chances.raise'));
        }
    });

    const picture = $derived(
        `No. ${chance.number} ${chance.title} in time. ${chance.headline}.` +
            (chance.by50 && chance.by80 && chance.by95
                ? ` Half of the runs are over by ${calendarDay(chance.by50)}, eight in ten by ${calendarDay(chance.by80)}, 95 in 100 by ${calendarDay(chance.by95)}.`
                : ''),
    );
    function tryIt(one: RaiseLine): void {
        if (one.change) {
            act.post(route('plan.try.with'), { name: one.words, changes: [one.change] });
        }
    }
</script>

<svelte:head><title>Chance of {chance.number} {chance.title} · Regimen</title></svelte:head>

<p class="quiet">
    <a class="target" use:inertia href={route('builds.show', chance.number)}>{chance.number} · {chance.title}</a
    >{chance.client ? `, for ${chance.client}` : ''}{chance.promisedOn
        ? `, promised for ${calendarDay(chance.promisedOn)}`
        : ''}
</p>
<h1 data-headline>{chance.headline}</h1>
<p class="quiet">
    {chance.under}
    <Standing standing={chance.standing} madeAt={chance.madeAt} {act} />
</p>
<InTime {chance} words={picture} />
{#if chance.chance !== null}
    <p data-chance>
        The promise holds in <b class="figure">{chance.chance}</b> of 100 runs; the house promises what holds in {chance.wanted}.
        {#if chance.buffer}{chance.buffer.words} <span class="small quiet">{chance.buffer.because}</span>{/if}
    </p>
{/if}

<div class="mt-6 grid grid-cols-3 gap-8 max-desk:grid-cols-1">
    <section aria-labelledby="hangs">
        <h2 id="hangs" class="border-t-2 border-t-ink pt-2">What it hangs on</h2>
        <ul>
            {#each chance.hangs as one (one.words)}
                <li
                    class="grid grid-cols-[minmax(0,1fr)_5rem_3.6rem] items-center gap-3 border-t border-t-rule py-2"
                    title={one.because}
                >
                    <span>
                        {#if one.href}<a class="target" use:inertia href={one.href}>{one.words}</a
                            >{:else}{one.words}{/if}
                    </span>
                    <svg class="in-time" width="80" height="14" aria-hidden="true">
                        <Mark
                            kind={one.mark === 'hold' ? 'hold' : one.mark === 'wait' ? 'wait' : 'labour'}
                            at={{ x: 1, y: 1, width: Math.max(4, 0.78 * one.percent), height: 12 }}
                        />
                    </svg>
                    <span class="figure text-right">{one.percent} %</span>
                </li>
            {:else}
                <li class="quiet border-t border-t-rule py-2">Nothing is known about it yet.</li>
            {/each}
        </ul>
        <p class="small quiet">
            share of runs in which it lies on the chain that decides; what only comes last stands behind what the finish
            follows
        </p>
    </section>
    <section aria-labelledby="raises">
        <h2 id="raises" class="border-t-2 border-t-ink pt-2">What would raise the chance</h2>
        <ul>
            {#each chance.raises as one (one.words)}
                <li
                    class="grid grid-cols-[minmax(0,1fr)_auto_auto] items-center gap-3 border-t border-t-rule py-2"
                    data-raise={one.kind}
                >
                    <span>{one.words}</span>
                    <span class="figure whitespace-nowrap">{one.before} → <b>{one.after} %</b></span>
                    {#if one.change}
                        <button
                            class="act"
                            type="button"
                            disabled={act.busy}
                            aria-label={`Try it: ${one.words}`}
                            onclick={() => tryIt(one)}>Try it</button
                        >
                    {:else}
                        <span class="small quiet">ask for it</span>
                    {/if}
                </li>
            {:else}
                <li class="quiet border-t border-t-rule py-2">
                    {chance.raising === 'trying' || chance.standing !== 'done'
                        ? 'Being tried, one after the other.'
                        : chance.chance === null
                          ? 'Without a promise there is none.'
                          : chance.raising === 'failed'
                            ? 'It could not be tried; the log says why.'
                            : 'Nothing that was tried would.'}
                </li>
            {/each}
        </ul>
        {#if chance.raising === 'trying'}<p class="small quiet" role="status">
                More is being tried: another pair of hands, an earlier part, an hour longer.
            </p>{/if}
        <p class="small quiet">each was tried by running the whole shop again with that one thing otherwise</p>
    </section>
    <section aria-labelledby="honest">
        <h2 id="honest" class="border-t-2 border-t-ink pt-2">How good are our forecasts</h2>
        <Held points={chance.honest.points} words={chance.honest.words} />
        <p class="small">{chance.honest.words}</p>
    </section>
</div>
