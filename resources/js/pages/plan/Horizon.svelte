<script lang="ts">
    import Empty from '@/components/Empty.svelte';
    import { page } from '@inertiajs/svelte';
    import Hatch from '@/components/Hatch.svelte';
    import Marks from '@/components/Marks.svelte';
    import Fade from '@/components/forecast/Fade.svelte';
    import Axis from '@/components/horizon/Axis.svelte';
    import BuildRow from '@/components/horizon/BuildRow.svelte';
    import HeldRow from '@/components/horizon/HeldRow.svelte';
    import Offer from '@/components/horizon/Offer.svelte';
    import OperationSheet from '@/components/horizon/OperationSheet.svelte';
    import PlainRow from '@/components/horizon/PlainRow.svelte';
    import Tools from '@/components/horizon/Tools.svelte';
    import Troubles from '@/components/horizon/Troubles.svelte';
    import WeightsForm from '@/components/horizon/WeightsForm.svelte';
    import { chain, read, type Item } from '@/components/horizon/items';
    import { Moving } from '@/components/horizon/moving.svelte';
    import { rowsBy, type By } from '@/components/horizon/rows';
    import { View } from '@/components/horizon/view.svelte';
    import PlanPages from '@/components/plan/PlanPages.svelte';
    import { shopClock } from '@/lib/now.svelte';
    import { moment } from '@/lib/time';
    import type { HorizonProps } from '@/lib/props';
    import { route } from '@/lib/address';

    const props: HorizonProps = $props();
    const { headline, under, from, to, weeks, free, builds, offer, people, resources, outages, troubles, undo } =
        $derived(props);

    const DAY = 1440;

    const manager = $derived(page.props.viewer?.manager ?? false);
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
        (date) => isClosed(date),
    );
    const act = moving.act;
    const steps = $derived(chain(byId, moving.hovered ?? moving.selected));
    let by = $state<By>('build');

    const width = $derived(Math.max(200, view.width));
    const today = $derived(view.x(now));
    const shopOff = $derived(free.map(([left, right]): [number, number] => [minuteOf(left), minuteOf(right)]));

    /** Whether nobody works in the shop on a day: one stretch that is off covers all of it. */
    function isClosed(date: string): boolean {
        const noon = minuteOf(`${date}T12:00:00Z`);
        return shopOff.some(([left, right]) => left < noon && right > noon && right - left >= DAY);
    }

    const rows = $derived(by === 'build' ? [] : rowsBy(by, items, people, resources, outages, shopOff));

    let screen = $state(800);
    /** Pixels for each row: a few people share the sheet, a dozen stations are scrolled through. */
    const tall = $derived(Math.max(44, Math.min(130, Math.floor((screen - 330) / Math.max(1, rows.length)))));

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
        ondrop: (item: Item, minute: number, event: PointerEvent, order: Item[]): void =>
            moving.drop(item, minute, event, order),
    });

    function takeBack(): void {
        if (undo) {
            act.post(route('plan.changes.undo', undo.id), {}, () => moving.look());
        }
    }

    /** People and machines are read by days: in weeks an hour is a hair. */
    function show(wanted: By): void {
        by = wanted;
        if (wanted !== 'build' && view.level === 0) {
            view.zoom(1);
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

<svelte:window onkeydown={press} bind:innerHeight={screen} />
<svelte:head><title>Horizon · Regimen</title></svelte:head>

<Hatch />
<Fade />
<PlanPages />
<h1>{headline}</h1>
<p class="quiet">{under}</p>
{#if manager && offer}<Offer {offer} {act} />{/if}
{#if troubles.length > 0}<Troubles {troubles} />{/if}

<Tools {view} bind:by={() => by, show} {now} {manager} looks={builds.length > 0} {undo} {act} ontakeback={takeBack} />

<div class="horizon">
    <div
        class="axis grid grid-cols-[17.5rem_minmax(0,1fr)_11.2rem] gap-x-3 max-desk:grid-cols-[minmax(0,1fr)_auto]"
        aria-hidden="true"
    >
        <span></span>
        <Axis {view} weeks={weeks.map(minuteOf)} {now} {instant} />
    </div>
    <ul>
        {#if by === 'build'}
            {#each builds as build (build.number)}
                <BuildRow
                    {build}
                    of={items.filter((item) => item.build === build.number)}
                    {track}
                    {width}
                    {free}
                    {shopOff}
                    {today}
                    {minuteOf}
                    oncloser={closer}
                />
            {:else}
                <li><Empty words="All builds over the coming weeks will stand here, planned together." /></li>
            {/each}
            {#each props.held ?? [] as place (place.id)}
                <HeldRow {place} {width} {today} x={(at) => view.x(minuteOf(at))} />
            {/each}
        {:else}
            {#each rows as row (row.id)}
                <PlainRow {row} {track} holds={by === 'fixture'} {today} {tall} />
            {/each}
        {/if}
    </ul>
</div>
<Marks />
{#if manager}<WeightsForm weights={props.weights} version={props.shopVersion} />{/if}
<p class="small quiet screen-only mt-[0.6rem] max-w-280">
    Everything here can be done with keys; <b>?</b> tells which.
</p>
{#if moving.why}
    <OperationSheet why={moving.why} {manager} {people} {moving} />
{/if}

<style>
    .horizon {
        margin-top: 0.6rem;
    }
    @media (width < 60rem) {
        .axis span:first-child {
            display: none;
        }

        .axis :global(.axis) {
            grid-column: 1 / -1;
        }
    }
</style>
