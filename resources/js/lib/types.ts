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

/** One line, circle or words of a drawing, in millimetres. */
export interface Shape {
    style: 'line' | 'thin' | 'plain' | 'hidden' | 'string' | 'fret' | 'solid' | 'warn' | 'label' | 'dimension';
    fill?: string;
    part?: 'neck' | 'fretboard' | 'body' | 'electronics' | 'strings';
    d?: string;
    x?: number;
    y?: number;
    r?: number;
    words?: string;
    anchor?: 'start' | 'middle' | 'end';
    size?: number;
}

export interface Drawing {
    key: string;
    title: string;
    box: [number, number, number, number];
    shapes: Shape[];
}

export interface FieldDefinition {
    key: string;
    label: string;
    hint: string;
    default: string;
    kind: 'choice' | 'prose' | 'rows' | 'text' | 'figure';
    options: { value: string; words: string }[];
    columns: FieldDefinition[];
    most: number;
}

export interface FieldGroup {
    key: string;
    name: string;
    fields: FieldDefinition[];
}

export type Row = Record<string, string>;

/** What the client says: only what was typed, by field, in the maker's own words. */
export type Typed = Record<string, string | Row[]>;

export interface ShownValue {
    words: string;
    other: string;
    source: 'client' | 'house' | 'computed' | '';
    rows?: Row[];
    /** why the field does not apply to this instrument; null where it does */
    idle: string | null;
}

export interface ComputedFigure {
    key: string;
    name: string;
    value: string;
    other: string;
    group: string;
    because: string;
}

export type Severity = 'stop' | 'warn' | 'note';

export interface Finding {
    key: string;
    severity: Severity;
    title: string;
    figures: string;
    because: string;
    fields: string[];
    mends: { words: string; changes: Record<string, string> }[];
    unmended: string;
    accepted?: { by: string; reason: string } | null;
}

export interface Worked {
    problems: Record<string, string>;
    values: Record<string, ShownValue>;
    shown: { inOneLine: string; standing: string; figures: ComputedFigure[]; findings: Finding[]; views: Drawing[] } | null;
}

export interface BenchTable {
    key: string;
    name: string;
    heads: string[];
    rows: string[][];
}

export interface Change {
    name: string;
    before: string;
    after: string;
}

export interface Inked {
    neck: number;
    fretboard: number;
    body: number;
}

export type Verdict = 'late' | 'risk' | 'kept' | 'no-promise' | 'unplanned' | 'incomplete';

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
    promiseKind: string;
    strip: Mark[];
    waits: string[];
}

/** What changes would do, beside the plan that is in force. */
export interface Effect {
    words: string[];
    headline: string;
    builds: {
        number: number;
        title: string;
        isNew: boolean;
        before: Standing | null;
        after: Standing;
        gained: boolean;
        broken: boolean;
    }[];
    people: { person: string; moves: { words: string; from: string | null; to: string | null }[]; more: number }[];
    troubles: string[];
}

export interface Standing {
    finish: string | null;
    promise: string | null;
    slack: string;
    late: boolean;
}

export interface Option {
    value: string;
    words: string;
}

export interface Choices {
    people: Option[];
    builds: Option[];
    resources: Option[];
    parts: Option[];
    models: Option[];
    skills: Option[];
    away: Option[];
}

/** Something that can be taken away from the calendar again. */
export interface Removable {
    ids: number[];
    table: string;
    words: string;
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
    /** Blocks of their own, in minutes after midnight; without them the whole day. */
    away: { from: number | null; to: number | null; words: string }[];
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
    surplus: boolean;
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
    released: boolean;
    at: string;
    groups: { name: string; lines: { name: string; value: string; other: string | null; source: ShownValue['source'] }[] }[];
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
    promiseKind: string;
    heldUntil: string | null;
    heldBecause: string;
    pushDays: number;
    finish: string | null;
    verdict: Verdict;
    slackDays: number | null;
    routeLacks: string;
    slackWords: string;
    version: number;
    inOneLine: string;
    inked: Inked;
    draft: number | null;
}

export interface MeasuredSheet {
    rows: {
        id: number;
        part: string;
        name: string;
        value: string;
        drawn: string;
        instrument: string;
        by: string;
        at: string;
        counts: boolean;
    }[];
    new: Finding[];
    gone: Finding[];
    problems: string[];
    parts: { value: string; words: string; fields: { value: string; words: string }[] }[];
}

export interface Forecast {
    problems: Record<string, string>;
    values: Record<string, ShownValue>;
    figures: {
        findings: { severity: Severity; title: string; figures: string }[];
        hours: string;
        hoursBecause: string;
        material: string;
        materialBecause: string;
        price: string | null;
        priceBecause: string;
        deposit: string | null;
        ready: string | null;
        readyBecause: string;
        promisable: string | null;
        verdict: Verdict;
        slackWords: string | null;
        drawing: Drawing;
        inOneLine: string;
        bodyThickness: string;
        lastFret: string;
    } | null;
}

export interface ReasonChain {
    steps: { id: number; build: number; name: string; start: string | null; finish: string | null; because: string }[];
    slack: string | null;
}
