import type { Drawing, Finding, Inked, Severity, ShownValue, Verdict } from '@/lib/types';

/** What the sheet of a build gets. */
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
    groups: {
        name: string;
        lines: { name: string; value: string; other: string | null; source: ShownValue['source'] }[];
    }[];
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
