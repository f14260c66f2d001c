import { Axis } from '@/lib/axis';

const LEVELS = [
    { name: 'Weeks', days: 0 },
    { name: 'Days', days: 14 },
    { name: 'Hours', days: 2 },
] as const;

const DAY = 1440;

/** Which stretch of the horizon is looked at, from weeks down to hours. Minutes since the horizon begins. */
export class View {
    level = $state(0);
    #start = $state(0);
    width = $state(860);
    readonly levels = LEVELS;
    readonly #axis = $derived(new Axis(this.start, this.end, 0, Math.max(200, this.width)));

    constructor(
        private readonly whole: () => number,
        private readonly now: () => number,
    ) {}

    get span(): number {
        const days = LEVELS[this.level]?.days ?? 0;
        return days === 0 ? this.whole() : days * DAY;
    }

    get start(): number {
        return this.level === 0 ? 0 : this.#start;
    }

    get end(): number {
        return this.start + this.span;
    }

    zoom(level: number): void {
        this.level = Math.max(0, Math.min(LEVELS.length - 1, level));
        this.show(this.now());
    }

    /** Moves on by a part of what is seen. */
    pan(share: number): void {
        this.#clamp(this.#start + Math.round((this.span * share) / DAY) * DAY);
    }

    /** Brings an instant into sight, with some time before it. */
    show(minute: number): void {
        this.#clamp(Math.floor(minute / DAY) * DAY - (this.level === 1 ? DAY : 0));
    }

    sees(from: number, to: number): boolean {
        return to >= this.start && from <= this.end;
    }

    x(minute: number): number {
        return this.#axis.x(minute);
    }

    minute(x: number): number {
        return this.#axis.value(x);
    }

    #clamp(start: number): void {
        this.#start = Math.max(0, Math.min(this.whole() - this.span, start));
    }
}
