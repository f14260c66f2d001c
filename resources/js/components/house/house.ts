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

export interface StandardLine {
    id: number;
    name: string;
    stage: string;
    skill: string;
    version: number;
    set_up: string;
    labour: string;
    hold: string;
    station: string | null;
    fixture: string | null;
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
}
