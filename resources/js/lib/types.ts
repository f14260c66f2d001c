/** What the server sends. Instants are ISO 8601 in UTC, days are YYYY-MM-DD, times of day and durations whole minutes. */
export interface Shared {
    clock: { now: string; fixed: boolean };
    shop: { name: string; currency: string; timezone: string } | null;
    viewer: { id: number; name: string; manager: boolean } | null;
    bench: Bench | null;
    done: string | null;
    errors: Record<string, string>;
    [key: string]: unknown;
}

export interface Bench {
    clocks: { id: number; person: string; mine: boolean; build: number; operation: string; operationId: number; since: string }[];
    holds: { build: number; operation: string; fixture: string | null; until: string }[];
    next: { build: number; operation: string; operationId: number; start: string } | null;
}

export interface Drawing {
    viewBox: [number, number, number, number];
    body: string;
    neck: string;
    board: string;
    frets: [number, number][];
    strings: [number, number, number, number][];
    pickups: [number, number, number, number][];
    bridge: [number, number, number, number];
    colours: { body: string; neck: string; board: string };
}

export interface Inked {
    neck: number;
    fretboard: number;
    body: number;
}

export type Verdict = 'late' | 'risk' | 'kept' | 'no-promise' | 'unplanned';

export interface BuildLine {
    number: number;
    title: string;
    inOneLine: string;
    drawing: Drawing;
    inked: Inked;
    promisedOn: string | null;
    finish: string | null;
    verdict: Verdict;
    slackDays: number | null;
    slackWords: string;
}

export interface Mark {
    ply: 0 | 1 | 2 | null;
    kind: 'labour' | 'hold' | 'wait' | 'gate';
    from: string;
    to: string;
    done: boolean;
    words: string;
}

export interface HorizonBuild extends BuildLine {
    /** The last minute of the promise's day. */
    promiseAt: string | null;
    strip: Mark[];
    waits: string[];
}

export interface TodayItem {
    operationId: number;
    build: number;
    name: string;
    state: string;
    from: string;
    to: string;
    goesOn: boolean;
    gate: string | null;
    because: string | null;
    hold: string | null;
    holdUntil: string | null;
}

export interface TodayPerson {
    id: number;
    name: string;
    skills: string[];
    hours: [number, number][];
    minutes: number;
    plannedMinutes: number;
    items: TodayItem[];
}

export interface SheetOperation {
    id: number;
    stage: string;
    name: string;
    state: 'open' | 'started' | 'holding' | 'done';
    version: number;
    setUpMinutes: number;
    labourMinutes: number;
    workedMinutes: number;
    holdMinutes: number;
    station: string | null;
    fixture: string | null;
    skill: string;
    person: string | null;
    start: string | null;
    workEnd: string | null;
    finish: string | null;
    because: string | null;
    unplanned: boolean;
    after: { id: number; name: string; over: boolean; reason: string }[];
    needs: string[];
    gate: string | null;
    caution: string | null;
    waitsFor: string;
    waitsUntil: string | null;
    clocks: number;
}

export interface SheetKitLine {
    id: number;
    group: string;
    name: string;
    quantity: number;
    unit: string;
    supplier: string;
    used: number;
    writtenOff: number;
    left: number;
    state: 'needed' | 'ordered' | 'arrived' | 'used';
    version: number;
    leadDays: number;
    expectedOn: string | null;
    arrivedOn: string | null;
    overdue: boolean;
    cost: string | null;
    costIsEstimate: boolean;
}

export interface Figure {
    key: string;
    name: string;
    value: string;
    because: string;
    warn: boolean;
}

export interface Progress {
    budget: number;
    planned: number;
    earned: number;
    actual: number;
    share: number;
    figures: Figure[];
}

export interface HoursLine {
    id: number;
    person: string;
    personId: number;
    operation: string;
    on: string;
    minutes: number | null;
    source: string;
    struck: boolean;
    struckBecause: string;
}

export interface LogLine {
    id: number;
    at: string;
    by: string | null;
    kind: string;
    text: string;
}

export interface SpecificationSheet {
    revision: number;
    at: string;
    groups: { name: string; lines: { name: string; value: string; other: string | null; computed: boolean }[] }[];
    wishes: string;
}

export interface SheetBuild {
    number: number;
    title: string;
    client: string | null;
    contact: string | null;
    purpose: string;
    open: boolean;
    calledOff: boolean;
    finishedAt: string | null;
    promisedOn: string | null;
    finish: string | null;
    verdict: Verdict;
    slackDays: number | null;
    slackWords: string;
    version: number;
    inOneLine: string;
    inked: Inked;
}

export interface Forecast {
    problems: Record<string, string>;
    figures: {
        hours: string;
        hoursBecause: string;
        material: string;
        materialBecause: string;
        price: string;
        priceBecause: string;
        deposit: string;
        ready: string | null;
        readyBecause: string;
        verdict: Verdict;
        slackWords: string | null;
        drawing: Drawing;
        inOneLine: string;
        bodyThickness: string;
        lastFret: string;
    } | null;
}
