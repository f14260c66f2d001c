import type { TakingInProps } from '@/lib/props';

/** How far an operation has come. */
export type Come = 'open' | 'started' | 'holding' | 'done';

/** What has been said of an instrument so far. */
export interface Said {
    come: (operation: number) => Come;
    hours: Record<string, string>;
    begun: Record<number, string>;
    until: Record<number, string>;
}

/** All that come before some operations, however far back. */
export function allBefore(stages: TakingInProps['stages'], ids: number[]): number[] {
    const before = new Map(stages.flatMap((stage) => stage.operations.map((one) => [one.id, one.before] as const)));
    return reached(before, ids);
}

/** All that come after some operations. */
export function allAfter(stages: TakingInProps['stages'], ids: number[]): number[] {
    const after = new Map<number, number[]>();
    for (const one of stages.flatMap((stage) => stage.operations)) {
        for (const before of one.before) {
            after.set(before, [...(after.get(before) ?? []), one.id]);
        }
    }
    return reached(after, ids);
}

function reached(links: Map<number, number[]>, from: number[]): number[] {
    const seen = new Set<number>();
    const open = [...from];
    for (let id = open.pop(); id !== undefined; id = open.pop()) {
        for (const next of links.get(id) ?? []) {
            if (!seen.has(next)) {
                seen.add(next);
                open.push(next);
            }
        }
    }
    return [...seen];
}
