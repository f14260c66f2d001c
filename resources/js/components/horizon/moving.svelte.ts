import { route } from '@/lib/address';
import type { Effect, WhyThen } from '@/lib/props';
import { http } from '@inertiajs/svelte';
import { Act, type ChangeBody } from '@/lib/act.svelte';
import { Asker } from '@/lib/ask';
import { dateOf } from '@/lib/time';
import type { Item } from './items';
import type { View } from './view.svelte';

const DAY = 86_400_000;

type Fixed = Partial<Record<'person' | 'day' | 'after', string>>;

const later = (day: string, days: number): string =>
    new Date(Date.parse(`${day}T12:00:00Z`) + days * DAY).toISOString().slice(0, 10);

/** The operation that is looked at, and where it is proposed to go: judged at once, done only when it is said so. */
export class Moving {
    readonly act = new Act();
    selected = $state<number | null>(null);
    hovered = $state<number | null>(null);
    why = $state<WhyThen | null>(null);
    proposal = $state<ChangeBody | null>(null);
    effect = $state<Effect | null>(null);
    asking = $state(false);
    silence = $state('');
    readonly #judge = new Asker<object, Effect>(
        route('plan.judge'),
        (answer) => {
            this.effect = answer;
            this.asking = false;
        },
        (said) => {
            this.silence = said;
            this.effect = null;
            this.asking = false;
        },
    );

    constructor(
        private readonly view: View,
        private readonly item: (id: number) => Item | undefined,
        private readonly instant: (minute: number) => Date,
        private readonly mayMove: () => boolean,
        private readonly isClosed: (day: string) => boolean,
    ) {}

    select(id: number | null): void {
        if (id === this.selected) {
            return;
        }
        this.selected = id;
        this.#forget();
        this.act.errors = {};
        if (id === null) {
            this.why = null;
            return;
        }
        const item = this.item(id);
        if (item && this.view.level > 0 && !this.view.sees(item.start, item.workEnd)) {
            this.view.show(item.start);
        }
        this.look();
    }

    /** Asks again why the chosen operation stands where it does. */
    look(): void {
        if (this.selected !== null) {
            void this.#ask(this.selected);
        }
    }

    propose(fixed: Fixed, operation: number | null = this.selected): void {
        if (operation === null || !this.mayMove()) {
            return;
        }
        const pin = operation === this.why?.id ? this.why.pin : null;
        const standing =
            this.proposal?.operation === operation
                ? this.proposal
                : { person: pin?.person ?? '', day: pin?.day ?? '', after: pin?.after ?? '' };
        this.#forget();
        this.proposal = { ...standing, ...fixed, kind: 'pin', operation };
        this.asking = true;
        this.#judge.ask({ changes: [this.proposal] }, 120);
    }

    /** What a key does to the operation of a row. */
    press(event: KeyboardEvent, item: Item, order: Item[]): void {
        const index = order.findIndex((one) => one.id === item.id);
        const [before, behind] = [order[index - 1], order[index + 1]];
        if (event.shiftKey && event.key === 'ArrowRight') {
            this.propose({ day: this.#day(item, 1) }, item.id);
        } else if (event.shiftKey && event.key === 'ArrowLeft') {
            this.propose({ day: this.#day(item, -1) }, item.id);
        } else if (event.shiftKey && event.key === 'ArrowDown' && behind) {
            this.propose({ after: String(behind.id) }, item.id);
        } else if (event.shiftKey && event.key === 'ArrowUp' && before) {
            this.propose({ after: String(item.id) }, before.id);
        } else if (event.key === 'p') {
            this.propose(
                { day: dateOf(this.instant(item.start)), person: item.person === null ? '' : String(item.person) },
                item.id,
            );
        } else if (event.key === 'Enter' && this.proposal && this.effect) {
            this.fix();
        } else if (event.key === 'Enter') {
            document.getElementById('chosen')?.querySelector<HTMLElement>('select, a')?.focus();
        } else if (event.key === 'Delete' && item.pinned) {
            this.unpin();
        } else if (event.key === 'Escape') {
            this.leave();
        } else {
            return;
        }
        event.preventDefault();
        event.stopPropagation();
    }

    /** Dropped at another time of the row, or on the row of another person. */
    drop(item: Item, minute: number, event: PointerEvent, order: Item[]): void {
        const row =
            document.elementFromPoint(event.clientX, event.clientY)?.closest<HTMLElement>('[data-row]')?.dataset.row ??
            '';
        const fixed: Fixed = {};
        if (row.startsWith('person-') && row !== `person-${item.person}`) {
            fixed.person = row.slice(7);
        }
        const day = dateOf(this.instant(minute));
        if (day !== dateOf(this.instant(item.start))) {
            fixed.day = this.#open(day, 1);
        } else if (fixed.person === undefined) {
            const before = order.filter((one) => one.id !== item.id && one.start < minute).at(-1);
            if (before === undefined || minute === item.start) {
                this.silence =
                    'Nothing lies before it there. Drop it behind the operation that it is to follow, or on another day.';
                return;
            }
            fixed.after = String(before.id);
        }
        this.propose(fixed, item.id);
    }

    fix(): void {
        if (this.proposal) {
            this.act.change(this.proposal, () => {
                this.#forget();
                this.look();
            });
        }
    }

    unpin(): void {
        if (this.selected !== null) {
            this.act.change({ kind: 'pin', operation: this.selected, person: null, day: null, after: null }, () =>
                this.look(),
            );
        }
    }

    /** First what was proposed, then the operation. */
    leave(): void {
        if (this.proposal) {
            this.#forget();
        } else {
            this.select(null);
        }
    }

    #forget(): void {
        this.proposal = null;
        this.effect = null;
        this.silence = '';
        this.asking = false;
    }

    /** So many days after where it stands, or after where it is proposed to stand. */
    #day(item: Item, days: number): string {
        const proposed = this.proposal?.operation === item.id ? this.proposal.day : '';
        return this.#open(
            later(typeof proposed === 'string' && proposed !== '' ? proposed : dateOf(this.instant(item.start)), days),
            days,
        );
    }

    /** The day itself, or the next one in a direction on which the shop works. */
    #open(day: string, days: number): string {
        let open = day;
        for (let tries = 0; tries < 60 && this.isClosed(open); tries++) {
            open = later(open, days < 0 ? -1 : 1);
        }
        return open;
    }

    async #ask(id: number): Promise<void> {
        const response = await http
            .getClient()
            .request({ method: 'get', url: route('operations.why', id), headers: { Accept: 'application/json' } });
        if (this.selected === id) {
            this.why = JSON.parse(response.data) as WhyThen;
        }
    }
}
