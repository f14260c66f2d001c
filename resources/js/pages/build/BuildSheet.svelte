<script lang="ts">
    import { inertia, page } from '@inertiajs/svelte';
    import { untrack } from 'svelte';
    import Chain from '@/components/sheet/Chain.svelte';
    import Hours from '@/components/sheet/Hours.svelte';
    import Instrument from '@/components/Instrument.svelte';
    import Kit from '@/components/sheet/Kit.svelte';
    import Money from '@/components/sheet/Money.svelte';
    import Measured from '@/components/sheet/Measured.svelte';
    import Logbook from '@/components/sheet/Logbook.svelte';
    import Photographs from '@/components/sheet/Photographs.svelte';
    import Pieces from '@/components/sheet/Pieces.svelte';
    import Progress from '@/components/sheet/Progress.svelte';
    import PromiseForm from '@/components/sheet/PromiseForm.svelte';
    import Route from '@/components/sheet/Route.svelte';
    import Specification from '@/components/sheet/Specification.svelte';
    import { route } from '@/lib/address';
    import { shopClock } from '@/lib/now.svelte';
    import { calendarDay, dateOf, day } from '@/lib/time';
    import type { BuildSheetProps } from '@/lib/props';

    const {
        build,
        drawing,
        next,
        holdsFinish,
        specification,
        operations,
        kit,
        measured,
        hours,
        progress,
        logbook,
        photographs,
        setbacks,
        pieces,
        tell,
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

    const sections = $derived([
        ['overview', 'Overview'],
        ['route', 'Route'],
        ['kit', 'Kit'],
        ['hours', 'Hours'],
        ...(manager ? [['money', 'Money']] : []),
        ['measured', 'Measured'],
        ['specification', 'Specification'],
        ['photographs', 'Photographs'],
        ['pieces', setbacks.some((one) => one.state === 'open') ? 'Pieces · something is wrong' : 'Pieces'],
        ['logbook', 'Logbook'],
    ]);
    let here = $state('overview');

    /** An address with #kit shows that section, one with #operation-12 the route that holds it. */
    function look(): void {
        const named = location.hash.slice(1);
        if (named.startsWith('operation-')) {
            here = 'route';
        } else if (sections.some(([key]) => key === named)) {
            here = named;
        }
    }

    $effect(() => {
        void page.url;
        untrack(look);
        window.addEventListener('hashchange', look);
        return () => window.removeEventListener('hashchange', look);
    });
</script>

<svelte:head><title>{build.number} {build.title} · Regimen</title></svelte:head>

<div
    class="head grid grid-cols-[minmax(0,1fr)_19rem_minmax(0,19rem)] gap-6 items-start max-desk:grid-cols-[1fr] max-desk:gap-2"
>
    <div class="words">
        <h1>{build.number} · {build.title}</h1>
        <p class="quiet">
            {build.inOneLine}{#if build.client}, for {#if build.clientId}<a
                        use:inertia
                        href={route('clients.one', build.clientId)}>{build.client}</a
                    >{:else}{build.client}{/if}{/if}{build.contact ? ` (${build.contact})` : ''}
        </p>
        {#if next}
            <p class="mt-2" data-next>
                {next.words}
                {#if next.address.startsWith('#')}<a class="act ml-2" href={next.address}>{next.action}</a>
                {:else}<a class="do ml-2" use:inertia href={next.address}>{next.action}</a>{/if}
            </p>
        {/if}
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
            <p class="figure big">{build.writtenOff ? 'written off' : build.calledOff ? 'called off' : 'finished'}</p>
            <p>
                {build.finishedAt ? day(build.finishedAt) : ''}{build.promisedOn
                    ? `, promised ${calendarDay(build.promisedOn)}`
                    : ''}
            </p>
        {/if}
        {#if waiting}
            {@const since = waiting.waitsUntil ?? ''}
            {@const today = dateOf(shopClock.now)}
            <p class={['small', since < today ? 'late' : 'tight']}>
                Waits for {waiting.waitsFor}, {since < today ? 'unanswered since' : 'by'}
                {calendarDay(since)}.
                {#if build.clientId}<a use:inertia href={route('builds.client', build.number)}>What was asked</a>{/if}
            </p>
        {/if}
        {#if overdue}<p class="late small">
                {overdue.name} is overdue since {calendarDay(overdue.expectedOn ?? '')}.
            </p>{/if}
        {#if holdsFinish && build.open}<p class="small quiet">{holdsFinish}</p>{/if}
        {#if manager && build.open}
            <p class="small">
                <a class="target" use:inertia href={route('builds.chance', build.number)} data-chance
                    >{build.chance === null
                        ? 'How sure that is'
                        : build.chance.percent === null
                          ? 'Its dates with their chances'
                          : `Holds in ${build.chance.percent} of 100 runs`}</a
                >
                <a class="target ml-3" use:inertia href={route('builds.progress', build.number)}>progress in time</a>
                <a class="target ml-3" use:inertia href={route('builds.money', build.number)}>money</a>
                {#if build.clientId}<a class="target ml-3" use:inertia href={route('builds.client', build.number)}
                        >for the client</a
                    >{/if}
            </p>
            <PromiseForm {build} />
        {:else if manager}
            <p class="small"><a class="target" use:inertia href={route('builds.money', build.number)}>its money</a></p>
        {/if}
    </div>
</div>

<nav
    aria-label="On this sheet"
    class="screen-only flex flex-wrap gap-y-[0.3rem] gap-x-[1.3rem] mt-4 border-b border-b-rule"
>
    {#each sections as [key, words] (key)}
        <a class="plain tab" href={`#${key}`} aria-current={here === key ? 'true' : undefined}>{words}</a>
    {/each}
</nav>

<div hidden={here !== 'overview'}>
    {#if build.open}<Chain {chain} build={build.number} />{:else}<p class="mt-4">
            <a use:inertia href={route('builds.facts', build.number)}>Facts and care sheet</a>
            {#if manager}<a href={`${route('commissions.new')}?again=${build.number}`}>Build it again</a>{/if}
        </p>{/if}
    <Progress {progress} {build} />
</div>
<div hidden={here !== 'route'}>
    <Route {operations} {manager} {people} viewerName={viewer?.name ?? ''} open={build.open} build={build.number} />
</div>
<div hidden={here !== 'kit'}><Kit {kit} {operations} {manager} open={build.open} /></div>
<div hidden={here !== 'hours'}><Hours {hours} {operations} {manager} /></div>
{#if manager}<div hidden={here !== 'money'}><Money {progress} /></div>{/if}
<div hidden={here !== 'measured'}><Measured {measured} build={build.number} open={build.open} /></div>
<div hidden={here !== 'specification'}>
    <Specification {specification} build={build.number} draft={build.draft} {manager} />
</div>
<div hidden={here !== 'photographs'}><Photographs {photographs} {operations} {manager} /></div>
<div hidden={here !== 'pieces'}><Pieces {pieces} {setbacks} {tell} build={build.number} /></div>
<div hidden={here !== 'logbook'}><Logbook {logbook} build={build.number} /></div>

<style>
    .big {
        font-size: 1.2rem;
    }
    .tab {
        padding: 0.3rem 0;
        border-bottom: 3px solid transparent;
        font-weight: 500;
    }

    .tab[aria-current] {
        border-color: var(--ink);
    }
    @media (width < 60rem) {
        .tab {
            padding: 0.7rem 0;
        }
    }
</style>
