import { Asker } from './ask';
import type { Row, Typed, Worked } from './types';

/** A specification while it is written: what was typed, and what the server has worked out from it last. */
export class Writing {
    typed = $state<Typed>({});
    worked = $state<Worked>() as Worked;
    /** What could last be built, while something that was typed cannot. */
    shown = $state<Worked['shown']>(null);
    asking = $state(false);
    silence = $state('');
    #kept = '';
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
        this.keep(typed, worked);
    }

    /** What is kept at the server from now on. */
    keep(typed: Typed, worked: Worked): void {
        this.typed = typed;
        this.#kept = JSON.stringify(typed);
        this.#take(worked);
    }

    #take(worked: Worked): void {
        this.worked = worked;
        this.shown = worked.shown ?? this.shown;
    }

    get dirty(): boolean {
        return JSON.stringify(this.typed) !== this.#kept;
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
        this.asking = true;
        this.#asker.ask({ specification: typed }, 120);
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
