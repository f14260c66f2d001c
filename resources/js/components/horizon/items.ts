import type { HorizonProps, OperationState } from '@/lib/props';

/** An operation on the horizon, as the server sends it: minutes since the horizon begins. */
export type ItemRow = HorizonProps['items'][number];

export interface Item {
    id: number;
    build: number;
    name: string;
    start: number;
    workEnd: number;
    finish: number;
    person: number | null;
    station: string | null;
    fixture: string | null;
    state: OperationState;
    reason: number | null;
    gate: boolean;
    pinned: boolean;
    /** When it is worked at; more than one where it is taken up again. */
    sittings: [number, number][];
    /** Who helps until the end of the labour, and since when. */
    helper: [number, number] | null;
}

export interface Placed extends Item {
    lane: number;
}

/** In which order the server sends them. */
const FIELDS: (keyof Item)[] = [
    'id',
    'build',
    'name',
    'start',
    'workEnd',
    'finish',
    'person',
    'station',
    'fixture',
    'state',
    'reason',
    'gate',
    'pinned',
    'sittings',
    'helper',
];

export function read(rows: ItemRow[]): Item[] {
    return rows.map((row) => Object.fromEntries(FIELDS.map((field, index) => [field, row[index]])) as unknown as Item);
}

/** What somebody has to do: their own operations, and those they help with, for as long as they do. */
export function of(person: number, items: Item[]): Item[] {
    return items.flatMap((item): Item[] => {
        if (item.person === person) {
            return [item];
        }
        return item.helper?.[0] === person
            ? [{ ...item, start: item.helper[1], finish: item.workEnd, sittings: [[item.helper[1], item.workEnd]] }]
            : [];
    });
}

/** Puts items side by side where they lie in time, and below each other where they would overlap. */
export function inLanes(items: Item[], taken: (item: Item) => [number, number][]): Placed[] {
    const lanes: [number, number][][] = [];
    return [...items]
        .sort((a, b) => a.start - b.start || a.id - b.id)
        .map((item) => {
            const stretches = taken(item);
            const isFree = (lane: [number, number][]): boolean =>
                !lane.some(([from, to]) => stretches.some(([begin, end]) => begin < to && end > from));
            const found = lanes.findIndex(isFree);
            const lane = found < 0 ? lanes.length : found;
            lanes[lane] = [...(lanes[lane] ?? []), ...stretches];
            return { ...item, lane };
        });
}

/** How far from an operation a pointer still means it, in pixels: an hour is a hair at the widest zoom. */
const NEAR = 10;

/** What lies at a place, or nearest to it; of two that are as near, the later. */
export function nearest(items: Placed[], x: number, edges: (item: Placed) => [number, number]): Placed | undefined {
    const away = (item: Placed): number => {
        const [left, right] = edges(item);
        return Math.max(0, left - x, x - right);
    };
    return items.filter((item) => away(item) <= NEAR).sort((a, b) => away(a) - away(b) || b.start - a.start)[0];
}

/** From an operation back to today: what each one waited for. */
export function chain(items: Map<number, Item>, id: number | null): Set<number> {
    const steps = new Set<number>();
    for (let at = id; at !== null && !steps.has(at); at = items.get(at)?.reason ?? null) {
        steps.add(at);
    }
    return steps;
}

/** When somebody is really at an operation. */
export function worked(item: Item, off: [number, number][]): [number, number][] {
    return item.sittings.flatMap(([from, to]) => parts(from, to, off));
}

/** The parts of a stretch in which somebody is there; what is off is in order. All of it if nobody ever is. */
function parts(from: number, to: number, off: [number, number][]): [number, number][] {
    const there: [number, number][] = [];
    let at = from;
    for (const [begin, end] of off) {
        if (end <= at) {
            continue;
        }
        if (begin >= to) {
            break;
        }
        if (begin > at) {
            there.push([at, begin]);
        }
        at = Math.max(at, end);
    }
    if (at < to) {
        there.push([at, to]);
    }
    return there.length === 0 ? [[from, to]] : there;
}
