export interface RouteWay {
    tool: string;
    words: string;
    setUp: number;
    labour: number;
    station: string | null;
    risk: string;
}

export interface RouteOperation {
    key: string;
    id: number | null;
    name: string;
    stage: string;
    state: 'open' | 'started' | 'holding' | 'done';
    workedMinutes: number;
    why: string;
    rule: string;
    standard: string;
    own: boolean;
    useless: boolean;
    setUp: number;
    best: number;
    labour: number;
    worst: number;
    drivenBy: string;
    hold: number;
    holdNow: number;
    holdWords: string | null;
    way: string;
    risk: string;
    ways: RouteWay[];
    tool: string;
    skill: string;
    station: string | null;
    fixture: string | null;
    oneSitting: boolean;
    parts: { name: string; state: string }[];
    cautions: string[];
    gate: { what: string; how: string; words: string }[];
    gateShort: string | null;
    after: { key: string; name: string; reason: string; spoils: string; rule: string; window: string | null }[];
    column: number | null;
    critical: boolean;
    slack: number;
    pieces: string[];
    stake: number;
    sharesWith: { number: number; title: string; id: number }[];
}

export interface Broken {
    key: string;
    title: string;
    words: string;
    severity: 'stop' | 'warn';
    rule: string;
}

export interface RouteChangeLine {
    id: number;
    words: string;
    left: string | null;
    reason: string;
    by: string | null;
    at: string;
}

export interface RouteQuestion {
    key: string;
    words: string;
    answer: string;
    house?: string;
    choices: { key: string; words: string; follows: string }[];
}

export interface RoutePrice {
    words: string;
    problem: string | null;
    order: string;
}

export interface RouteChoices {
    stages: { value: string; words: string }[];
    skills: { value: string; words: string }[];
    resources: { kind: string; value: string; words: string }[];
    patterns: { id: number; name: string; changes: number; methods: number }[];
}

export interface RouteTotals {
    operations: number;
    work: string;
    labour: string;
    setUp: string;
    days: number | null;
    spent: { labour: number; holds: number; parts: number; closed: number } | null;
}

/** The operations that lead to one, directly or not, and those that wait for it. */
export function around(operations: RouteOperation[], key: string): { before: Set<string>; behind: Set<string> } {
    const walk = (next: (one: string) => string[]): Set<string> => {
        const found = new Set<string>();
        const left = [key];
        while (left.length > 0) {
            for (const one of next(left.pop() ?? '')) {
                if (!found.has(one)) {
                    found.add(one);
                    left.push(one);
                }
            }
        }
        return found;
    };
    const after = new Map(operations.map((operation) => [operation.key, operation.after.map((link) => link.key)]));
    return {
        before: walk((one) => after.get(one) ?? []),
        behind: walk((one) =>
            operations.filter((operation) => after.get(operation.key)?.includes(one)).map((operation) => operation.key),
        ),
    };
}
