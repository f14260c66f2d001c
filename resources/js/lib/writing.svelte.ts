import { Asker } from './ask';
import type { Worked } from './props';
import type { Row, Typed } from './typed';

/** Whether two say the same, in whatever order. */
function same(one: Typed, other: Typed): boolean {
    const sorted = (typed: Typed): string =>
        JSON.stringify(Object.entries(typed).sort(([a], [b]) => a.localeCompare(b)));
    return sorted(one) === sorted(other);
}

/** A specification while it is written: what was typed, and what the server has worked out from it last. */
export class Writing {
    typed = $state<Typed>({});
    worked = $state<Worked>() as Worked;
    /** What could last be built, while something that was typed cannot. */
    shown = $state<Worked['shown']>(null);
    asking = $state(false);
    silence = $state('');
    #kept: Typed = {};
    readonly #asker: Asker<object, Worked>;

    constructor(typed: Typed, worked: Worked, url: string) {
        this.typed = typed;
        this.#asker = new Asker<object, Worked>(
            url,
            (answer) => {
                this.#take(answer);
                this.silence = '';
                this.asking = false;
            },
            (words) => {
                this.silence = words;
                this.asking = false;
            },
        );
        this.replace(typed, worked);
    }

    /** What is kept at the server from now on, in the place of everything that was written. */
    replace(kept: Typed, worked: Worked): void {
        this.typed = kept;
        this.#kept = kept;
        this.#take(worked);
    }

    /** What is kept at the server from now on; what was written here since then stays as it was written. */
    merge(kept: Typed, worked: Worked): void {
        const merged: Typed = { ...kept };
        const mine = $state.snapshot(this.typed) as Typed;
        for (const key of [...Object.keys(mine), ...Object.keys(this.#kept)]) {
            const now = mine[key];
            if (JSON.stringify(now) === JSON.stringify(this.#kept[key])) {
                continue;
            }
            if (now === undefined) {
                delete merged[key];
            } else {
                merged[key] = now;
            }
        }
        this.replace(kept, worked);
        if (!same(merged, kept)) {
            this.typed = merged;
            this.#ask();
        }
    }

    #take(worked: Worked): void {
        this.worked = worked;
        this.shown = worked.shown ?? this.shown;
    }

    get dirty(): boolean {
        return !same($state.snapshot(this.typed) as Typed, this.#kept);
    }

    set(key: string, value: string | Row[]): void {
        this.apply({ [key]: value });
    }

    /** Sets values by field; `layers.0.thickness` is inside a row, and an empty one is left to the house. */
    apply(changes: Record<string, string | Row[]>): void {
        const typed = { ...$state.snapshot(this.typed) } as Typed;
        for (const [field, value] of Object.entries(changes)) {
            const [key = '', index, column] = field.split('.');
            if (index !== undefined && column !== undefined && typeof value === 'string') {
                const rows = structuredClone($state.snapshot(this.rows(key, typed)));
                rows[Number(index)] = { ...rows[Number(index)], [column]: value };
                typed[key] = rows;
            } else if (value === '') {
                delete typed[key];
            } else {
                typed[key] = value;
            }
        }
        this.typed = typed;
        this.#ask();
    }

    #ask(): void {
        this.asking = true;
        this.#asker.ask({ specification: $state.snapshot(this.typed) }, 120);
    }

    /** The house's rows until the client has some. */
    rows(key: string, typed: Typed = this.typed): Row[] {
        const own = typed[key];
        return Array.isArray(own) ? own : (this.worked.values[key]?.rows ?? []);
    }

    text(key: string): string {
        const own = this.typed[key];
        return typeof own === 'string' || typeof own === 'number' ? String(own) : '';
    }
}
