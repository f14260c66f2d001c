export interface Settings {
    name: string;
    currency: string;
    timezone: string;
    version: number;
    labour_rate: string;
    overhead_percent: string;
    margin_percent: string;
    deposit_percent: string;
    risk_days: string;
    hours: Record<number, string>;
}

export interface ResourceLine {
    id: number;
    kind: string;
    name: string;
    capacity: number;
    version: number;
}

export interface PartLine {
    id: number;
    build: number;
    title: string;
    name: string;
    quantity: number;
    unit: string;
    supplier: string;
    version: number;
    leadDays: number;
    expectedOn: string | null;
    overdue: boolean;
    cost: string | null;
}

export interface PriceLine {
    id: number;
    name: string;
    unit: string;
    lead_days: number;
    supplier: string;
    version: number;
    cost: string;
}

export interface HistoryLine {
    version: number;
    at: string;
    by: string | null;
    source: string;
    words: string;
}

export interface StandardLine {
    id: number;
    tool: string;
    way: string;
    risk: string;
    source: 'default' | 'house' | 'learned';
    skill: string;
    version: number;
    set_up: string;
    best: string;
    labour: string;
    worst: string;
    hold: string;
    fixtures: number;
    drivenBy: string | null;
    station: string | null;
    fixture: string | null;
    learned: { best: string; labour: string; worst: string; jobs: number } | null;
    history: HistoryLine[];
}

export interface OperationLine {
    key: string;
    name: string;
    stage: string;
    tool: string;
    ways: StandardLine[];
}

export interface FinishLine {
    id: number;
    version: number;
    name: string;
    body_coats: number;
    neck_coats: number;
    coats_a_day: number;
    after_first: string;
    between_coats: string;
    overnight: string;
    cure: string;
    window: string;
    source: string;
    history: HistoryLine[];
}
