<script lang="ts">
    import Because from '@/components/Because.svelte';
    import Instrument from '@/components/Instrument.svelte';
    import { calendarDay } from '@/lib/time';
    import type { Forecast } from '@/lib/props';

    interface Props {
        forecast: Forecast | null;
        /** The figures of the last specification that could be built. */
        shown: Forecast['figures'];
        currency: string;
        asking: boolean;
        silence: string;
    }

    const { forecast, shown, currency, asking, silence }: Props = $props();

    const fresh = $derived(forecast !== null && forecast.figures !== null);
</script>

<aside class="sheet sticky top-3 max-desk:[position:static]" aria-live="polite" aria-busy={asking}>
    {#if shown}
        <div class="h-32 my-[0.3rem]">
            <Instrument drawing={shown.drawing} words={`drawing: ${shown.inOneLine}`} strings />
        </div>
        <p class="quiet small">{shown.inOneLine}</p>
        <dl class="mt-[0.4rem]" class:stale={!fresh}>
            <div>
                <dt>Earliest realistic finish</dt>
                <dd
                    class={[
                        'figure',
                        'big',
                        shown.verdict === 'late' ? 'late' : shown.verdict === 'risk' ? 'tight' : '',
                    ]}
                    data-figure="ready"
                >
                    {shown.ready
                        ? calendarDay(shown.ready)
                        : shown.verdict === 'incomplete'
                          ? 'not known'
                          : 'not at all'}
                </dd>
                {#if shown.promisable}
                    <dd class="quiet" data-figure="promisable">
                        suggested promise date: {calendarDay(shown.promisable)}
                    </dd>
                {/if}
                {#if shown.chances.length > 0}
                    <dd class="small" data-figure="chances">
                        {#each shown.chances as one, index (one.percent)}{index > 0 ? ', ' : ''}<b class="figure"
                                >{one.percent} %</b
                            >
                            by {calendarDay(one.day)}{/each}
                    </dd>
                {/if}
                {#if shown.promiseChance !== null}
                    <dd
                        class={shown.promiseChance < 50 ? 'late' : shown.promiseChance < 80 ? 'tight' : 'quiet'}
                        data-figure="promise-chance"
                    >
                        The promise holds in {shown.promiseChance} of 100 runs
                    </dd>
                {/if}
                {#if shown.promiseWords}<dd><Because text={shown.promiseWords} /></dd>{/if}
                {#if shown.slackWords}
                    <dd class={shown.verdict === 'late' ? 'late' : shown.verdict === 'risk' ? 'tight' : 'quiet'}>
                        Against the promise: {shown.slackWords}
                    </dd>
                {/if}
                <dd><Because text={shown.readyBecause} /></dd>
            </div>
            <div>
                <dt>Estimated hours</dt>
                <dd class="figure big" data-figure="hours">{shown.hours}</dd>
                <dd><Because text={shown.hoursBecause} /></dd>
            </div>
            <div>
                <dt>Material</dt>
                <dd class="figure big" data-figure="material">{shown.material} {currency}</dd>
                <dd><Because text={shown.materialBecause} /></dd>
            </div>
            <div>
                <dt>Suggested price</dt>
                <dd class="figure big" data-figure="price">
                    {shown.price === null ? 'not known' : `${shown.price} ${currency}`}
                </dd>
                <dd><Because text={shown.priceBecause} /></dd>
            </div>
        </dl>
    {/if}
    {#if shown && shown.findings.length > 0}
        <h3>To decide before anything is cut</h3>
        <ul class="small">
            {#each shown.findings as finding (finding.title + finding.figures)}
                <li class={finding.severity === 'stop' ? 'late' : 'tight'}>
                    <b>{finding.title}.</b>
                    {finding.figures}
                </li>
            {/each}
        </ul>
    {/if}
    {#if forecast && !fresh}
        <p class="late small">
            These figures belong to the last version that can be built. {forecast.problems.house ??
                'Correct what is marked on the left.'}
        </p>
    {/if}
    {#if silence}<p class="late small" role="alert">{silence}</p>{/if}
</aside>

<style>
    dl div {
        border-top: 1px solid var(--rule);
        padding: 0.35rem 0;
    }

    dt {
        font-size: 0.85rem;
        color: var(--quiet);
    }

    .big {
        font-size: 1.25rem;
        line-height: 1.25;
    }

    .stale {
        opacity: 0.75;
    }
</style>
