<script lang="ts">
    import { inertia, page } from '@inertiajs/svelte';
    import { scaleTime } from 'd3-scale';
    import Hatch from '@/components/Hatch.svelte';
    import Instrument from '@/components/Instrument.svelte';
    import Marks from '@/components/Marks.svelte';
    import Strip from '@/components/Strip.svelte';
    import Axis from '@/components/horizon/Axis.svelte';
    import Offer, { type BetterPlan } from '@/components/horizon/Offer.svelte';
    import OperationSheet from '@/components/horizon/OperationSheet.svelte';
    import Track from '@/components/horizon/Track.svelte';
    import Troubles, { type Trouble } from '@/components/horizon/Troubles.svelte';
    import WeightsForm from '@/components/horizon/WeightsForm.svelte';
    import { chain, read, type Item, type ItemRow } from '@/components/horizon/items';
    import { Moving } from '@/components/horizon/moving.svelte';
    import { View } from '@/components/horizon/view.svelte';
    import PlanPages from '@/components/plan/PlanPages.svelte';
    import { shopClock } from '@/lib/now.svelte';
    import { moment, shortDay } from '@/lib/time';
    import type { HorizonBuild, Shared } from '@/lib/types';

    interface Props {
        headline: string;
        under: string;
        from: string;
        to: string;
        /** The Mondays. */
        weeks: string[];
        /** Stretches of days on which the shop does not work. */
        free: [string, string][];
        builds: HorizonBuild[];
        offer: BetterPlan | null;
        items: ItemRow[];
        people: { id: number; name: string; off: [number, number][] }[];
        resources: { id: number; key: string; kind: string; name: string; capacity: number }[];
        outages: { key: string; from: number; to: number; note: string }[];
        troubles: Trouble[];
        undo: { id: number; words: string } | null;
        weights: Record<string, number>;
        shopVersion: number;
    }

    const props: Props = $props();
    const { headline, under, from, to, weeks, free, builds, offer, people, resources, outages, troubles, undo } = $derived(props);

    const DAY = 1440;

    const manager = $derived((page.props as unknown as Shared).viewer?.manager ?? false);
    const begin = $derived(Date.parse(from));
    const whole = $derived((Date.parse(to) - begin) / 60_000);
    const now = $derived((shopClock.now.getTime() - begin) / 60_000);
    const instant = (minute: number): Date => new Date(begin + minute * 60_000);
    const minuteOf = (at: string): number => (Date.parse(at) - begin) / 60_000;

    const items = $derived(read(props.items));
    const byId = $derived(new Map(items.map((item) => [item.id, item])));
    const view = new View(
        () => whole,
        () => now,
    );
    const moving = new Moving(
        view,
        (id) => byId.get(id),
        instant,
        () => manager,
    );
    const act = moving.act;
    const steps = $derived(chain(byId, moving.hovered ?? moving.selected));
    let by = $state<'build' | 'person' | 'station' | 'fixture'>('build');

    const width = $derived(Math.max(200, view.width));
    const scale = $derived(scaleTime([instant(view.start), instant(view.end)], [0, width]));
    const today = $derived(view.x(now));
    const shopOff = $derived(free.map(([left, right]): [number, number] => [minuteOf(left), minuteOf(right)]));

    interface Row {
        id: string;
        name: string;
        words: string;
        items: Item[];
        off: [number, number][];
        down: [number, number][];
    }

    const rows = $derived.by((): Row[] => {
        if (by === 'person') {
            return people.map((person) => ({
                id: `person-${person.id}`,
                name: person.name,
                words: '',
                items: items.filter((item) => item.person === person.id),
                off: person.off,
                down: [],
            }));
        }
        if (by === 'build') {
            return [];
        }
        return resources
            .filter((one) => one.kind === by)
            .map((one) => ({
                id: `${one.kind}-${one.id}`,
                name: one.name,
                words: one.capacity === 1 ? '' : `there are ${one.capacity}`,
                items: items.filter((item) => (by === 'station' ? item.station : item.fixture) === one.key),
                off: shopOff,
                down: outages.filter((outage) => outage.key === one.key).map((outage): [number, number] => [outage.from, outage.to]),
            }));
    });

    const tone = (build: HorizonBuild): string =>
        build.verdict === 'late' || build.verdict === 'unplanned' ? 'late' : build.verdict === 'risk' ? 'tight' : '';
    const slack = (build: HorizonBuild): string =>
        build.slackDays === null ? '–' : `${build.slackDays > 0 ? '+' : build.slackDays < 0 ? '−' : ''}${Math.abs(build.slackDays)} d`;
    const words = (item: Item): string =>
        `No. ${item.build} ${item.name}, ${moment(instant(item.start).toISOString())} to ${moment(instant(item.workEnd).toISOString())}${item.pinned ? ', pinned' : ''}`;

    /** What every row has in common. */
    const track = $derived({
        view,
        chain: steps,
        selected: moving.selected,
        drag: manager,
        words,
        onselect: (id: number | null): void => moving.select(id),
        onhover: (id: number | null): void => {
            moving.hovered = id;
        },
        onkey: (event: KeyboardEvent, item: Item, order: Item[]): void => moving.press(event, item, order),
        ondrop: (item: Item, minute: number, event: PointerEvent): void => moving.drop(item, minute, event),
    });

    function takeBack(): void {
        if (undo) {
            act.post(`/plan/changes/${undo.id}/undo`, {}, () => moving.look());
        }
    }

    /** From the strip of a build to its days, where it was clicked or where it goes on. */
    function closer(event: MouseEvent, of: Item[]): void {
        const next = of.find((item) => item.state !== 'done' && item.finish > now);
        const at =
            event.detail > 0
                ? view.minute(event.clientX - (event.currentTarget as Element).getBoundingClientRect().left)
                : (next?.start ?? now);
        view.zoom(1);
        view.show(Math.max(0, at - 2 * DAY));
        moving.select((of.find((item) => item.finish >= at && item.state !== 'done') ?? next)?.id ?? null);
    }

    function press(event: KeyboardEvent): void {
        const typing = (event.target as HTMLElement).closest('input, textarea, select') !== null;
        if (typing || event.ctrlKey || event.metaKey || event.altKey) {
            return;
        }
        if (event.key === 'z') {
            view.zoom((view.level + 1) % view.levels.length);
        } else if (event.key === ',') {
            view.pan(-0.5);
        } else if (event.key === ';') {
            view.pan(0.5);
        } else if (event.key === 'u' && manager) {
            takeBack();
        }
    }
</script>

<svelte:window onkeydown={press} />
<svelte:head><title>Horizon · Regimen</title></svelte:head>

<Hatch />
<PlanPages />
<h1>{headline}</h1>
<p class="quiet">{under}</p>
{#if manager && offer}<Offer {offer} {act} />{/if}
{#if troubles.length > 0}<Troubles {troubles} />{/if}

<div class="tools screen-only" role="group" aria-label="How the horizon is shown">
    <span class="choice" role="group" aria-label="By">
        {#each [['build', 'by build'], ['person', 'by person'], ['station', 'by station'], ['fixture', 'by fixture']] as const as [value, name] (value)}
            <button
                class="word"
                type="button"
                aria-pressed={by === value}
                onclick={() => {
                    by = value;
                }}>{name}</button
            >
        {/each}
    </span>
    <span class="choice" role="group" aria-label="Zoom">
        {#each view.levels as level, index (level.name)}
            <button class="word" type="button" aria-pressed={view.level === index} onclick={() => view.zoom(index)}>{level.name}</button>
        {/each}
    </span>
    {#if view.level > 0}
        <span class="choice">
            <button class="word" type="button" onclick={() => view.pan(-0.5)}>earlier</button>
            <button class="word" type="button" onclick={() => view.show(now)}>today</button>
            <button class="word" type="button" onclick={() => view.pan(0.5)}>later</button>
        </span>
    {/if}
    {#if manager && builds.length > 0}
        <button class="word" type="button" disabled={act.busy} onclick={() => act.post('/plan/look')}>Look for a better plan</button>
    {/if}
    {#if manager && undo}
        <button class="word undo" type="button" disabled={act.busy} onclick={takeBack} title={undo.words}>Undo: {undo.words}</button>
    {/if}
</div>

<div class="horizon">
    <div class="axis" aria-hidden="true">
        <span></span>
        <Axis {view} weeks={weeks.map(minuteOf)} {now} {instant} />
    </div>
    <ul>
        {#if by === 'build'}
            {#each builds as build (build.number)}
                {@const of = items.filter((item) => item.build === build.number)}
                <li>
                    <a class="plain who" use:inertia href={`/builds/${build.number}`}>
                        <span class="drawn"
                            ><Instrument drawing={build.drawing} inked={build.inked} words={`drawing of No. ${build.number}`} /></span
                        >
                        <span>
                            <b>{build.number} · {build.title}</b>
                            <span class="small quiet line">{build.inOneLine}</span>
                        </span>
                    </a>
                    <div class="strip" style:--today="{today}px">
                        {#if view.level === 0}
                            <button
                                class="closer"
                                type="button"
                                aria-label={`Look closer at No. ${build.number} ${build.title}: ${build.slackWords}`}
                                onclick={(event) => closer(event, of)}
                            >
                                <Strip {build} {scale} {width} {free} />
                            </button>
                        {:else}
                            <Track
                                {...track}
                                id={`build-${build.number}`}
                                label={`Operations of No. ${build.number} ${build.title}`}
                                items={of}
                                holds
                                off={shopOff}
                                waits={build.strip
                                    .filter((mark) => mark.kind === 'wait')
                                    .map((mark) => ({ from: minuteOf(mark.from), to: minuteOf(mark.to), words: mark.words }))}
                                promise={build.promiseAt
                                    ? { at: minuteOf(build.promiseAt), words: `promised for ${build.promisedOn}`, tone: tone(build) }
                                    : null}
                            />
                        {/if}
                    </div>
                    <div class="slack">
                        <span class={['figure', tone(build)]}>{slack(build)}</span>
                        <span class={['small', tone(build) || 'quiet']}>{build.slackWords}</span>
                        <span class="small quiet">
                            {#if build.finish}finish {shortDay(build.finish)}{/if}{#if build.promiseAt}, {build.promiseKind === 'promised'
                                    ? 'promise'
                                    : build.promiseKind}
                                {shortDay(build.promiseAt)}{/if}
                        </span>
                    </div>
                </li>
            {:else}
                <li class="quiet nothing">No build is open.</li>
            {/each}
        {:else}
            {#each rows as row (row.id)}
                <li class="thin">
                    <span class="who one"><b>{row.name}</b> <span class="small quiet">{row.words}</span></span>
                    <div class="strip" style:--today="{today}px">
                        <Track
                            {...track}
                            id={row.id}
                            label={`Operations of ${row.name}`}
                            items={row.items}
                            holds={by === 'fixture'}
                            off={row.off}
                            down={row.down}
                        />
                    </div>
                    <div class="slack small quiet">{row.items.filter((item) => item.state !== 'done').length} to come</div>
                </li>
            {/each}
        {/if}
    </ul>
</div>
<Marks />
{#if manager}<WeightsForm weights={props.weights} version={props.shopVersion} />{/if}
<p class="small quiet screen-only keys">
    Keys on a row: arrows go from one operation to the next; shift and arrows move it; p pins it as it stands, Delete takes the pin out,
    Enter does what is shown, Escape leaves it. z zooms, comma and semicolon go earlier and later{manager ? ', u takes back' : ''}.
</p>
{#if moving.why}
    <OperationSheet why={moving.why} {manager} {people} {moving} />
{/if}

<style>
    .tools {
        display: flex;
        flex-wrap: wrap;
        gap: 0.2rem 2rem;
        margin-top: 0.4rem;
    }

    .choice {
        display: inline-flex;
        flex-wrap: wrap;
        gap: 0 1rem;
    }

    .choice [aria-pressed='true'] {
        color: var(--ink);
        font-weight: 650;
        text-decoration: none;
    }

    .undo {
        max-width: 26rem;
        overflow: hidden;
        white-space: nowrap;
        text-overflow: ellipsis;
    }

    .horizon {
        margin-top: 0.6rem;
    }

    .axis,
    li {
        display: grid;
        grid-template-columns: 17.5rem minmax(0, 1fr) 11.2rem;
        column-gap: 0.75rem;
    }

    .nothing {
        display: block;
        min-height: 0;
        border: 0;
    }

    .horizon li {
        border-bottom: 1px solid var(--rule);
        align-items: center;
        min-height: 64px;
        /* What is not in sight is not drawn. */
        content-visibility: auto;
        contain-intrinsic-size: auto 64px;
    }

    .horizon .thin {
        min-height: 2.6rem;
        contain-intrinsic-size: auto 2.6rem;
    }

    .who {
        display: grid;
        grid-template-columns: 6.6rem 1fr;
        gap: 0.75rem;
        align-items: center;
        line-height: 1.2;
    }

    .one {
        grid-template-columns: minmax(0, 1fr);
        gap: 0;
    }

    .who b {
        font-family: var(--heading);
        font-weight: 650;
    }

    .line {
        display: -webkit-box;
        -webkit-line-clamp: 2;
        line-clamp: 2;
        -webkit-box-orient: vertical;
        overflow: hidden;
        font-size: 0.78rem;
    }

    .drawn {
        height: 3rem;
    }

    .strip {
        position: relative;
    }

    .closer {
        display: block;
        width: 100%;
        cursor: zoom-in;
        text-align: left;
    }

    .strip::after {
        content: '';
        position: absolute;
        top: 0;
        bottom: -1px;
        left: var(--today);
        border-left: 2px solid var(--accent);
        pointer-events: none;
    }

    .slack {
        display: flex;
        flex-direction: column;
        text-align: right;
        line-height: 1.2;
    }

    .slack .small {
        font-size: 0.75rem;
    }

    .nothing {
        padding: 1rem 0;
    }

    .keys {
        margin-top: 0.6rem;
        max-width: 70rem;
    }

    @media (width < 60rem) {
        .axis,
        li {
            grid-template-columns: minmax(0, 1fr) auto;
        }

        .axis span:first-child {
            display: none;
        }

        .axis :global(.axis) {
            grid-column: 1 / -1;
        }

        .strip {
            grid-row: 2;
            grid-column: 1 / -1;
        }

        .horizon li {
            padding-top: 0.5rem;
        }
    }
</style>
