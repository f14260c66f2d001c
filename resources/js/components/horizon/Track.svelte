<!-- One row in time: labour solid, holds hatched, gates as rings, pins with a foot. Moved by mouse or by keys. -->
<script lang="ts">
    import Mark from '@/components/Mark.svelte';
    import { follow } from '@/lib/pointer';
    import Ground from './Ground.svelte';
    import { inLanes, nearest, worked, type Item, type Placed } from './items';
    import type { View } from './view.svelte';

    interface Props {
        /** What the row belongs to, for the keyboard and for what is dropped on it. */
        id: string;
        label: string;
        items: Item[];
        view: View;
        chain: Set<number>;
        selected: number | null;
        holds: boolean;
        off: [number, number][];
        down?: [number, number][];
        /** When it waits for something outside the shop, and for what. */
        waits?: { from: number; to: number; words: string }[];
        /** The last minute of the promise's day. */
        promise?: { at: number; words: string; tone: string } | null;
        /** Between which instants it is over, half of the runs and nearly all of them. */
        spread?: { from: number; to: number; words: string } | null;
        /** Pixels that the row may take; as many as its lanes need at least. */
        tall?: number;
        drag: boolean;
        words: (item: Item) => string;
        onselect: (id: number | null) => void;
        onhover: (id: number | null) => void;
        onkey: (event: KeyboardEvent, item: Item, items: Item[]) => void;
        ondrop: (item: Item, minutes: number, event: PointerEvent, order: Item[]) => void;
    }

    const {
        id,
        label,
        items,
        view,
        chain,
        selected,
        holds,
        off,
        down = [],
        waits = [],
        promise = null,
        spread = null,
        tall = 0,
        drag,
        words,
        onselect,
        onhover,
        onkey,
        ondrop,
    }: Props = $props();

    const LEAST = 18;
    const MOST = 60;
    const TOP = 4;

    const placed = $derived(
        inLanes(items, (item) => (holds ? [[item.start, Math.max(item.finish, item.start + 1)]] : item.sittings)),
    );
    const lanes = $derived(Math.min(6, Math.max(1, ...placed.map((item) => item.lane + 1))));
    const lane = $derived(Math.max(LEAST, Math.min(MOST, Math.floor((tall - 2 * TOP) / lanes))));
    const height = $derived(lanes * lane + 2 * TOP);
    const seen = $derived(placed.filter((item) => view.sees(item.start, Math.max(item.finish, item.workEnd))));
    const here = $derived(items.find((item) => item.id === selected));
    const first = (item: Item): number => {
        const [from, to] = worked(item, off)[0] ?? [0, 0];
        return view.x(to) - view.x(from);
    };
    let dragged = $state<{ id: number; by: number } | null>(null);

    function press(event: KeyboardEvent): void {
        const index = placed.findIndex((item) => item.id === selected);
        const steps: Record<string, number> = {
            ArrowLeft: index - 1,
            ArrowRight: index + 1,
            Home: 0,
            End: placed.length - 1,
        };
        const step = event.shiftKey ? undefined : steps[event.key];
        if (step !== undefined) {
            const next = placed[Math.max(0, Math.min(placed.length - 1, step))];
            if (next) {
                onselect(next.id);
            }
            event.preventDefault();
        } else if (here) {
            onkey(event, here, placed);
        }
    }

    function enter(): void {
        if (here === undefined) {
            const next = placed.find((item) => item.state === 'open' || item.state === 'started') ?? placed[0];
            onselect(next?.id ?? null);
        }
    }

    /** The operation under the pointer, or the nearest one in its lane. */
    function under(event: PointerEvent): Placed | undefined {
        const box = (event.currentTarget as Element).getBoundingClientRect();
        const [x, y] = [event.clientX - box.left, event.clientY - box.top];
        const wanted = Math.max(0, Math.min(lanes - 1, Math.floor((y - TOP) / lane)));
        return nearest(
            seen.filter((item) => Math.min(5, item.lane) === wanted),
            x,
            (item) => [view.x(item.start), view.x(holds ? item.finish : item.workEnd)],
        );
    }

    function grab(event: PointerEvent): void {
        const item = under(event);
        if (item === undefined) {
            return;
        }
        onselect(item.id);
        if (!drag || item.state !== 'open' || event.button !== 0) {
            return;
        }
        const from = event.clientX;
        dragged = { id: item.id, by: 0 };
        follow(
            (moved) => (dragged = { id: item.id, by: moved.clientX - from }),
            (released) => {
                dragged = null;
                ondrop(item, view.minute(view.x(item.start) + released.clientX - from), released, placed);
            },
        );
    }
</script>

<div
    class="relative overflow-hidden min-h-[2.1rem] [outline-offset:-2px]"
    role="listbox"
    tabindex="0"
    aria-label={label}
    aria-activedescendant={here ? `${id}-${here.id}` : undefined}
    data-row={id}
    onkeydown={press}
    onfocus={enter}
    onpointerleave={() => onhover(null)}
>
    <svg
        class="in-time cursor-pointer [touch-action:pan-y]"
        width={Math.max(200, view.width)}
        {height}
        role="presentation"
        onpointermove={(event) => onhover(under(event)?.id ?? null)}
        onpointerdown={grab}
    >
        <Ground {view} {height} {off} {down} {spread} />
        {#each waits as wait (wait.from)}
            {#if view.sees(wait.from, wait.to)}
                <Mark
                    kind="wait"
                    at={{ x: view.x(wait.from), y: TOP, width: view.x(wait.to) - view.x(wait.from), height: lane - 3 }}
                    words={wait.words}
                />
            {/if}
        {/each}
        {#each seen as item (item.id)}
            {@const y = TOP + Math.min(5, item.lane) * lane}
            {@const x = view.x(item.start) + (dragged?.id === item.id ? dragged.by : 0)}
            {@const wide = Math.max(1.5, view.x(item.workEnd) - view.x(item.start) - 1)}
            <g
                id={`${id}-${item.id}`}
                class={['item', item.state, chain.has(item.id) && 'chain', item.id === selected && 'selected']}
                role="option"
                tabindex="-1"
                aria-selected={item.id === selected}
                aria-label={words(item)}
                data-item={item.id}
            >
                {#if holds && item.finish > item.workEnd}
                    <Mark
                        kind="hold"
                        at={{
                            x: view.x(item.workEnd),
                            y: y + 1,
                            width: view.x(item.finish) - view.x(item.workEnd) - 1,
                            height: lane - 5,
                        }}
                    />
                {/if}
                {#each worked(item, off) as [left, right] (left)}
                    <Mark
                        kind="labour"
                        at={{
                            x: x + view.x(left) - view.x(item.start),
                            y,
                            width: view.x(right) - view.x(left) - 1,
                            height: lane - 3,
                        }}
                    />
                {/each}
                {#if item.gate && wide > 10}<Mark kind="gate" at={{ x: x + wide - 6, y: y + (lane - 3) / 2 }} />{/if}
                {#if item.pinned}<path
                        class="pin stroke-ink [stroke-width:3]"
                        d={`M${x} ${y + lane - 2}h${Math.min(10, Math.max(4, wide))}`}
                    />{/if}
                {#if first(item) > 20}<text
                        class="fill-paper text-[12px] [pointer-events:none]"
                        x={Math.max(0, x) + 3}
                        y={y + (lane - 3) / 2 + 4}
                        >{item.build}{first(item) > 60
                            ? ` ${item.name.slice(0, Math.floor((first(item) - 8) / 6.9) - 3)}`
                            : ''}</text
                    >{/if}
                <title>{words(item)}</title>
            </g>
        {/each}
        {#if promise && view.sees(promise.at, promise.at)}
            <Mark
                kind="promise"
                at={{ x: view.x(promise.at), y: 1, height: height - 1 }}
                tone={promise.tone}
                words={promise.words}
            />
        {/if}
    </svg>
</div>

<style>
    .item {
        cursor: pointer;
        outline: none;
    }

    .chain :global(:is(.labour, .hold)) {
        stroke: var(--rust);
        stroke-width: 2;
    }

    .selected :global(.labour) {
        stroke: var(--accent);
        stroke-width: 3;
    }
</style>
