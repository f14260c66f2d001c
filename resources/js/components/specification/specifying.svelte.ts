import { untrack } from 'svelte';
import { Asker } from '@/lib/ask';
import { route } from '@/lib/address';
import type { Forecast } from '@/lib/props';
import type { Row, Typed } from '@/lib/typed';

/** What an instrument in the making would mean: asked anew with each change of what is typed. */
export class Specifying {
    forecast = $state<Forecast | null>(null);
    shown = $state<Forecast['figures']>(null);
    silence = $state('');
    asking = $state(false);

    private readonly asker = new Asker<object, Forecast>(
        route('commissions.forecast'),
        (answer) => {
            this.forecast = answer;
            this.shown = answer.figures ?? this.shown;
            this.silence = '';
            this.asking = false;
        },
        (words) => {
            this.silence = words;
            this.asking = false;
        },
    );

    /** @param question what is typed, read anew whenever it changes */
    constructor(question: () => { specification: Typed; model_id: string; promised_on: string }) {
        $effect(() => {
            const asked = question();
            untrack(() => {
                this.asking = true;
                this.asker.ask(asked);
            });
        });
    }

    /** What is wrong, by field: what was worked out, and what was refused when it was saved. */
    problems(errors: Record<string, string | undefined>): Record<string, string> {
        return {
            ...this.forecast?.problems,
            ...Object.fromEntries(
                Object.entries(errors).flatMap(([field, words]) =>
                    field.startsWith('specification.') && words ? [[field.slice(14), words]] : [],
                ),
            ),
        };
    }
}

/** A specification with one field otherwise; what is emptied is the house's again. */
export function withField(specification: Typed, key: string, value: string | Row[]): Typed {
    const changed = { ...specification };
    if (value === '') {
        delete changed[key];
    } else {
        changed[key] = value;
    }
    return changed;
}
