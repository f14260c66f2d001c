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
    clocks: {
        id: number;
        person: string;
        mine: boolean;
        build: number;
        operation: string;
        operationId: number;
        since: string;
    }[];
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
    shown: {
        inOneLine: string;
        standing: string;
        figures: ComputedFigure[];
        findings: Finding[];
        views: Drawing[];
    } | null;
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
