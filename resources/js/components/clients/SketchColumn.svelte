<!-- One sketch beside the others: what it would take, cost and weigh, and when it would be ready. -->
<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import Instrument from '@/components/Instrument.svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import { Act } from '@/lib/act.svelte';
    import { lookAt } from '@/lib/look';
    import { route } from '@/lib/address';
    import { calendarDay } from '@/lib/time';
    import type { CheaperLine, SketchDates, SketchLine } from '@/lib/props';

    interface Props {
        sketch: SketchLine;
        dates: SketchDates | undefined;
        open: boolean;
        currency: string;
        wantedBy: string;
    }

    const { sketch, dates, open, currency, wantedBy }: Props = $props();

    const act = new Act();
    let ways = $state<{ budget: string; ways: CheaperLine[] } | null>(null);
    let silence = $state('');
    let asking = $state(false);

    async function look(): Promise<void> {
        asking = true;
        const answer = await lookAt<{ budget: string; ways: CheaperLine[] }>(
            route('sketches.cheaper', sketch.id),
            new FormData(),
        );
        asking = false;
        ways = typeof answer === 'string' ? null : answer;
        silence = typeof answer === 'string' ? answer : '';
    }
</script>

<section class="min-w-0" aria-label={`Sketch ${sketch.name}`} data-sketch={sketch.name}>
    <h3 class="border-t-2 border-t-ink pt-2"><b>{sketch.name}</b></h3>
    {#if sketch.problem}
        <p class="late">{sketch.problem}</p>
    {:else}
        {#if sketch.drawing}
            <div class="h-24 my-2">
                <Instrument drawing={sketch.drawing} words={`drawing of the sketch ${sketch.name}`} />
            </div>
        {/if}
        <p class="small quiet">{sketch.inOneLine}</p>
        <dl class="mt-2">
            {#snippet line(name: string, value: string, tone = '')}
                <div class="grid grid-cols-[1fr_auto] gap-x-3 border-b border-b-rule py-1">
                    <dt>{name}</dt>
                    <dd class={['figure text-right', tone]}>{value}</dd>
                </div>
            {/snippet}
            {@render line(`Price, tax included, ${currency}`, sketch.price)}
            {@render line('Work', sketch.hours)}
            {@render line(`Material, ${currency}`, sketch.material)}
            {@render line('Weight', sketch.weight)}
            {#if dates}
                {#each dates.days as day (day.percent)}{@render line(
                        `Ready in ${day.percent} of 100`,
                        calendarDay(day.day),
                    )}{:else}<p class="quiet py-1">Nobody can say when.</p>{/each}
                {#if dates.wanted !== null}{@render line(
                        `By ${calendarDay(wantedBy)}`,
                        `${dates.wanted} of 100`,
                        dates.wanted < 50 ? 'late' : dates.wanted < 80 ? 'tight' : '',
                    )}{/if}
            {:else}<p class="quiet py-1" role="status">Its dates are being worked out.</p>{/if}
        </dl>
        {#if sketch.budget}<p class={['mt-2', sketch.isOver && 'tight']} data-budget>{sketch.budget}</p>{/if}
    {/if}
    <p class="flex flex-wrap gap-3 mt-3">
        {#if open}
            <a class="act" use:inertia href={route('sketches.one', sketch.id)}>Change</a>
            {#if !sketch.problem}
                <a class="act" use:inertia href={route('sketches.quote', sketch.id)}>Quote it</a>
                <button class="act" type="button" disabled={asking} onclick={() => void look()}
                    >{asking ? 'Trying…' : 'What would cost less'}</button
                >
            {/if}
            <button
                class="word"
                type="button"
                disabled={act.busy}
                onclick={() =>
                    act.send('delete', route('sketches.one', sketch.id), {
                        version: sketch.version,
                        because: 'out of the question',
                    })}>Remove</button
            >
        {/if}
    </p>
    <ErrorLine text={silence || act.other()} />
    {#if ways}
        <ul class="mt-2" data-ways>
            {#each ways.ways as way (way.field + way.to)}
                <li class="border-b border-b-rule py-2">
                    <span class="figure float-right ml-3">−{way.saves}</span>
                    <b>{way.field}</b>: {way.to} <span class="quiet">instead of {way.from}</span>
                    <span class="small quiet block"
                        >{way.price}{way.isWithin ? `, within the budget of ${ways.budget}` : ''}{way.takes
                            ? `; ${way.takes}`
                            : ''}</span
                    >
                </li>
            {:else}
                <li class="quiet py-2">Nothing that was tried costs less.</li>
            {/each}
        </ul>
    {/if}
</section>
