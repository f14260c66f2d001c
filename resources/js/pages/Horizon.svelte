<script lang="ts">
    import { inertia, page } from '@inertiajs/svelte';
    import { http } from '@inertiajs/svelte';
    import { scaleTime } from 'd3-scale';
    import Hatch from '@/components/Hatch.svelte';
    import Instrument from '@/components/Instrument.svelte';
    import Marks from '@/components/Marks.svelte';
    import Strip from '@/components/Strip.svelte';
    import OperationSheet from '@/components/horizon/OperationSheet.svelte';
    import Track from '@/components/horizon/Track.svelte';
    import WeightsForm from '@/components/horizon/WeightsForm.svelte';
    import { chain, read, type Item, type ItemRow, type Why } from '@/components/horizon/items';
    import { View } from '@/components/horizon/view.svelte';
    import PlanPages from '@/components/plan/PlanPages.svelte';
    import { Act, type ChangeBody } from '@/lib/act.svelte';
    import { Asker } from '@/lib/ask';
    import { shopClock } from '@/lib/now.svelte';
    import { calendarDay, clock, dateOf, day, moment, shortDay } from '@/lib/time';
    import type { Effect, HorizonBuild, Shared } from '@/lib/types';

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
        offer: {
            id: number;
            at: string;
            gains: { number: number; title: string; before: string | null; after: string | null }[];
            moves: { person: string; operations: number }[];
        } | null;
        items: ItemRow[];
        people: { id: number; name: string; off: [number, number][] }[];
        resources: { id: number; key: string; kind: string; name: string; capacity: number }[];
        outages: { key: string; from: number; to: number; note: string }[];
        troubles: { build: number | null; operation: string; operationId: number | null; words: string }[];
        undo: { id: number; words: string } | null;
        weights: Record<string, number>;
        shopVersion: number;
    }

    const props: Props = $props();
    const { headline, under, from, to, weeks, free, builds, offer, people, resources, outages, troubles, undo } = $derived(props);

    const DAY = 1440;

    const manager = $derived((page.props as unknown as Shared).viewer?.manager ?? false);
    const act = new Act();
    const begin = $derived(Date.parse(from));
    const whole = $derived((Date.parse(to) - begin) / 60_000);
    const now = $derived((shopClock.now.getTime() - begin) / 60_000);
    const view = new View(
        () => whole,
        () => now,
    );
    let by = $state<'build' | 'person' | 'station' | 'fixture'>('build');

    const items = $derived(read(props.items));
    const byId = $derived(new Map(items.map((item) => [item.id, item])));
    let selected = $state<number | null>(null);
    let hovered = $state<number | null>(null);
    const steps = $derived(chain(byId, hovered ?? selected));

    const instant = (minute: number): Date => new Date(begin + minute * 60_000);
    const minuteOf = (at: string): number => (Date.parse(at) - begin) / 60_000;
    const width = $derived(Math.max(200, view.width));
    const scale = $derived(scaleTime([instant(view.start), instant(view.end)], [0, width]));
    const today = $derived(view.x(now));
    const shopOff = $derived(free.map(([left, right]): [number, number] => [minuteOf(left), minuteOf(right)]));

    const ticks = $derived.by((): { at: number; words: string }[] => {
        if (view.level === 0) {
            const every = Math.max(1, Math.ceil((weeks.length * 62) / width));
            return weeks.filter((_, index) => index % every === 0).map((week) => ({ at: minuteOf(week), words: shortDay(week) }));
        }
        const step = view.level === 1 ? DAY : 180;
        return Array.from({ length: Math.floor(view.span / step) }, (_, index) => view.start + index * step).map((at) => ({
            at,
            words: view.level === 1 ? day(instant(at)).slice(0, 6) : at % DAY === 0 ? day(instant(at)).slice(0, 6) : clock(instant(at)),
        }));
    });

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

    let why = $state<Why | null>(null);
    let proposal = $state<ChangeBody | null>(null);
    let effect = $state<Effect | null>(null);
    let asking = $state(false);
    let silence = $state('');
    const judge = new Asker<object, Effect>(
        '/plan/judge',
        (answer) => {
            effect = answer;
            asking = false;
        },
        (said) => {
            silence = said;
            effect = null;
            asking = false;
        },
    );

    async function look(id: number): Promise<void> {
        const response = await http
            .getClient()
            .request({ method: 'get', url: `/operations/${id}/why`, headers: { Accept: 'application/json' } });
        if (selected === id) {
            why = JSON.parse(response.data) as Why;
        }
    }

    function select(id: number | null): void {
        if (id === selected) {
            return;
        }
        selected = id;
        proposal = null;
        effect = null;
        silence = '';
        act.errors = {};
        if (id === null) {
            why = null;
            return;
        }
        const item = byId.get(id);
        if (item && view.level > 0 && !view.sees(item.start, item.workEnd)) {
            view.show(item.start);
        }
        void look(id);
    }

    function propose(change: Partial<Record<'person' | 'day' | 'after', string>>, operation: number | null = selected): void {
        if (operation === null || !manager) {
            return;
        }
        const pin = operation === why?.id ? why.pin : null;
        const base =
            proposal?.operation === operation ? proposal : { person: pin?.person ?? '', day: pin?.day ?? '', after: pin?.after ?? '' };
        proposal = { ...base, ...change, kind: 'pin', operation };
        effect = null;
        silence = '';
        asking = true;
        judge.ask({ changes: [proposal] }, 120);
    }

    /** The calendar day so many days after the one on which an instant lies. */
    function dayAfter(minute: number, days: number): string {
        return new Date(Date.parse(`${dateOf(instant(minute))}T12:00:00Z`) + days * 86_400_000).toISOString().slice(0, 10);
    }

    function key(event: KeyboardEvent, item: Item, order: Item[]): void {
        const index = order.findIndex((one) => one.id === item.id);
        const pinnedDay = typeof proposal?.day === 'string' && proposal.operation === item.id ? proposal.day : '';
        const day = (days: number): string =>
            pinnedDay === ''
                ? dayAfter(item.start, days)
                : new Date(Date.parse(`${pinnedDay}T12:00:00Z`) + days * 86_400_000).toISOString().slice(0, 10);
        if (event.shiftKey && event.key === 'ArrowRight') {
            propose({ day: day(1) }, item.id);
        } else if (event.shiftKey && event.key === 'ArrowLeft') {
            propose({ day: day(-1) }, item.id);
        } else if (event.shiftKey && event.key === 'ArrowDown' && order[index + 1]) {
            propose({ after: String(order[index + 1]?.id) }, item.id);
        } else if (event.shiftKey && event.key === 'ArrowUp' && order[index - 1]) {
            propose({ after: String(item.id) }, order[index - 1]?.id);
        } else if (event.key === 'p') {
            propose({ day: dayAfter(item.start, 0), person: item.person === null ? '' : String(item.person) }, item.id);
        } else if (event.key === 'Enter' && proposal && effect) {
            settle();
        } else if (event.key === 'Enter') {
            document.getElementById('chosen')?.querySelector<HTMLElement>('select, a')?.focus();
        } else if (event.key === 'Delete' && item.pinned) {
            unpin();
        } else if (event.key === 'Escape') {
            leave();
        } else {
            return;
        }
        event.preventDefault();
        event.stopPropagation();
    }

    function drop(item: Item, minute: number, event: PointerEvent): void {
        const row = document.elementFromPoint(event.clientX, event.clientY)?.closest<HTMLElement>('[data-row]')?.dataset.row ?? '';
        const change: Partial<Record<'person' | 'day', string>> = {};
        if (row.startsWith('person-') && row !== `person-${item.person}`) {
            change.person = row.slice(7);
        }
        if (dateOf(instant(minute)) !== dateOf(instant(item.start))) {
            change.day = dayAfter(minute, 0);
        }
        if (Object.keys(change).length > 0) {
            propose(change, item.id);
        }
    }

    function settle(): void {
        if (proposal) {
            const id = selected;
            act.change(proposal, () => {
                proposal = null;
                effect = null;
                if (id !== null) {
                    void look(id);
                }
            });
        }
    }

    function unpin(): void {
        const id = selected;
        if (id !== null) {
            act.change({ kind: 'pin', operation: id, person: null, day: null, after: null }, () => void look(id));
        }
    }

    function leave(): void {
        if (proposal) {
            proposal = null;
            effect = null;
            silence = '';
        } else {
            select(null);
        }
    }

    function takeBack(): void {
        if (undo) {
            act.post(`/plan/changes/${undo.id}/undo`, {}, () => selected !== null && void look(selected));
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
        select((of.find((item) => item.finish >= at && item.state !== 'done') ?? next)?.id ?? null);
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
{#if manager && offer}
    <div class="offer" id="offer">
        <p>
            <b>A better plan was found.</b>
            {#each offer.gains as gain (gain.number)}
                <span>
                    {gain.number}
                    {gain.title}
                    {gain.before ? calendarDay(gain.before) : 'not planned'} → {gain.after ? calendarDay(gain.after) : 'not planned'}.
                </span>
            {/each}
            <span class="quiet">
                {offer.moves.length === 0
                    ? 'Nobody’s coming week would change.'
                    : `In the coming week it moves ${offer.moves.map((move) => `${move.operations} of ${move.person}’s operations`).join(', ')}.`}
            </span>
        </p>
        <button class="do" type="button" disabled={act.busy} onclick={() => act.post(`/plan/offers/${offer.id}/take`)}>Take it</button>
        <button class="act" type="button" disabled={act.busy} onclick={() => act.post(`/plan/offers/${offer.id}/leave`)}>Leave it</button>
    </div>
{/if}
{#if troubles.length > 0}
    <details class="opens troubles" open={troubles.length < 4}>
        <summary><b>{troubles.length === 1 ? 'One thing' : `${troubles.length} things`} could not be planned as asked</b></summary>
        <ul>
            {#each troubles as trouble, index (index)}
                <li>
                    {#if trouble.build}<a
                            href={`/builds/${trouble.build}${trouble.operationId ? `#operation-${trouble.operationId}` : ''}`}
                            use:inertia>{trouble.build} {trouble.operation}</a
                        >{/if}
                    {trouble.words}
                </li>
            {/each}
        </ul>
    </details>
{/if}

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
        <div class="weeks" bind:clientWidth={view.width}>
            {#each ticks as tick (tick.at)}
                {#if view.x(tick.at) < width - 44}
                    <span class="figure" style:left="{view.x(tick.at)}px">{tick.words}</span>
                {/if}
            {/each}
            {#if now >= view.start && now <= view.end}
                <span class="today figure" style:left="{today}px">today, {day(shopClock.now)}</span>
            {/if}
        </div>
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
                                id={`build-${build.number}`}
                                label={`Operations of No. ${build.number} ${build.title}`}
                                items={of}
                                {view}
                                chain={steps}
                                {selected}
                                holds
                                off={shopOff}
                                waits={build.strip
                                    .filter((mark) => mark.kind === 'wait')
                                    .map((mark) => ({ from: minuteOf(mark.from), to: minuteOf(mark.to), words: mark.words }))}
                                promise={build.promiseAt
                                    ? { at: minuteOf(build.promiseAt), words: `promised for ${build.promisedOn}`, tone: tone(build) }
                                    : null}
                                drag={manager}
                                {words}
                                onselect={select}
                                onhover={(id) => (hovered = id)}
                                onkey={key}
                                ondrop={drop}
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
                            id={row.id}
                            label={`Operations of ${row.name}`}
                            items={row.items}
                            {view}
                            chain={steps}
                            {selected}
                            holds={by === 'fixture'}
                            off={row.off}
                            down={row.down}
                            drag={manager}
                            {words}
                            onselect={select}
                            onhover={(id) => (hovered = id)}
                            onkey={key}
                            ondrop={drop}
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
{#if why}
    <OperationSheet
        {why}
        {manager}
        {people}
        {proposal}
        {effect}
        {asking}
        {silence}
        {act}
        onpropose={(change) => propose(change)}
        onunpin={unpin}
        ondo={settle}
        onleave={leave}
    />
{/if}

<style>
    .offer {
        display: flex;
        flex-wrap: wrap;
        gap: 0.5rem 1rem;
        align-items: center;
        border-left: 5px solid var(--accent);
        padding: 0.4rem 0.9rem;
        margin: 0.6rem 0;
    }

    .offer p {
        flex: 1 1 30rem;
    }

    .troubles {
        border-left: 5px solid var(--ochre);
        padding: 0.2rem 0.9rem;
        margin: 0.5rem 0;
    }

    .troubles li {
        padding: 0.15rem 0;
        font-size: 0.92rem;
    }

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

    .troubles li,
    .nothing {
        display: block;
        min-height: 0;
        border: 0;
    }

    .weeks {
        position: relative;
        height: 2.9rem;
        font-size: 0.78rem;
    }

    .weeks span {
        position: absolute;
        bottom: 0;
        padding-left: 0.3rem;
        border-left: 1px solid var(--rule);
        font-weight: 400;
        color: var(--quiet);
        white-space: nowrap;
        height: 1.4rem;
    }

    .weeks .today {
        top: 0;
        height: 1.3rem;
        padding: 0.1rem 0.4rem;
        background: var(--accent);
        color: var(--paper);
        border: 0;
        font-weight: 600;
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

        .weeks {
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
