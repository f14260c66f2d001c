<script lang="ts">
    import { page } from '@inertiajs/svelte';
    import Chain from '@/components/sheet/Chain.svelte';
    import Hours from '@/components/sheet/Hours.svelte';
    import Instrument from '@/components/Instrument.svelte';
    import Kit from '@/components/sheet/Kit.svelte';
    import Measured from '@/components/sheet/Measured.svelte';
    import Logbook from '@/components/sheet/Logbook.svelte';
    import Progress from '@/components/sheet/Progress.svelte';
    import PromiseForm from '@/components/sheet/PromiseForm.svelte';
    import Route from '@/components/sheet/Route.svelte';
    import Specification from '@/components/sheet/Specification.svelte';
    import { calendarDay, day } from '@/lib/time';
    import type { BuildSheetProps } from '@/lib/props';

    const {
        build,
        drawing,
        holdsFinish,
        specification,
        operations,
        kit,
        measured,
        hours,
        progress,
        logbook,
        people,
        chain,
    }: BuildSheetProps = $props();

    const viewer = $derived(page.props.viewer);
    const manager = $derived(viewer?.manager ?? false);
    const tone = $derived(
        build.verdict === 'late' || build.verdict === 'unplanned' ? 'late' : build.verdict === 'risk' ? 'tight' : '',
    );
    const waiting = $derived(operations.find((operation) => operation.waitsFor !== ''));
    const overdue = $derived(kit.find((line) => line.overdue));
</script>

<svelte:head><title>{build.number} {build.title} · Regimen</title></svelte:head>

<div
    class="head grid grid-cols-[minmax(0,1fr)_19rem_minmax(0,19rem)] gap-6 items-start max-desk:grid-cols-[1fr] max-desk:gap-2"
>
    <div class="words">
        <h1>{build.number} · {build.title}</h1>
        <p class="quiet">
            {build.inOneLine}{build.client ? `, for ${build.client}` : ''}{build.contact ? ` (${build.contact})` : ''}
        </p>
        <nav aria-label="On this sheet" class="screen-only flex flex-wrap gap-y-[0.3rem] gap-x-[1.2rem] mt-[0.6rem]">
            <a href="#progress">Progress</a><a href="#route">Route</a><a href="#kit">Kit</a><a href="#measured"
                >Measured</a
            ><a href="#specification">Specification</a><a href="#hours">Hours</a><a href="#logbook">Logbook</a>
        </nav>
    </div>
    <div class="h-[7.2rem]">
        <Instrument
            {drawing}
            inked={build.inked}
            words={`No. ${build.number} from the front; pieces fill as they get made`}
            strings={!build.open}
        />
    </div>
    <div class="promise">
        {#if build.open}
            <p class={['figure', 'big', tone]} data-figure="slack">{build.slackWords}</p>
            <p>
                planned <b data-figure="finish"
                    >{build.finish ? day(build.finish) : build.routeLacks ? 'not known' : 'not at all'}</b
                >{build.promisedOn ? `, promised ${calendarDay(build.promisedOn)}` : ''}
            </p>
        {:else}
            <p class="figure big">{build.calledOff ? 'called off' : 'finished'}</p>
            <p>
                {build.finishedAt ? day(build.finishedAt) : ''}{build.promisedOn
                    ? `, promised ${calendarDay(build.promisedOn)}`
                    : ''}
            </p>
        {/if}
        {#if waiting}<p class="tight small">
                Waits for {waiting.waitsFor}, by {calendarDay(waiting.waitsUntil ?? '')}.
            </p>{/if}
        {#if overdue}<p class="late small">
                {overdue.name} is overdue since {calendarDay(overdue.expectedOn ?? '')}.
            </p>{/if}
        {#if holdsFinish && build.open}<p class="small quiet">{holdsFinish}</p>{/if}
        {#if manager && build.open}<PromiseForm {build} />{/if}
    </div>
</div>

{#if build.open}<Chain {chain} build={build.number} />{/if}
<Progress {progress} {build} />
<Route {operations} {manager} {people} viewerName={viewer?.name ?? ''} open={build.open} build={build.number} />
<Kit {kit} {manager} open={build.open} />
<Measured {measured} build={build.number} open={build.open} />
<Specification {specification} build={build.number} draft={build.draft} {manager} />
<Hours {hours} {manager} />
<Logbook {logbook} />

<style>
    .big {
        font-size: 1.2rem;
    }
    @media (width < 60rem) {
        nav a {
            padding: 0.7rem 0;
        }
    }
</style>
