/** A line on which values lie: a stretch of time, or a scale beside it. */
export class Axis {
    /** @param start where the first value lies, @param end where the last does, in pixels */
    constructor(
        private readonly from: number,
        private readonly to: number,
        private readonly start: number,
        private readonly end: number,
    ) {}

    x(value: number): number {
        return this.start + ((value - this.from) / (this.to - this.from)) * (this.end - this.start);
    }

    value(x: number): number {
        return this.from + ((x - this.start) / (this.end - this.start)) * (this.to - this.from);
    }

    /** Round values on it, so many or a few more. */
    ticks(many: number): number[] {
        const rough = Math.abs(this.to - this.from) / many;
        const power = 10 ** Math.floor(Math.log10(rough));
        const step = power * ([1, 2, 5, 10].find((one) => one * power >= rough) ?? 10);
        const first = Math.ceil(Math.min(this.from, this.to) / step);
        const last = Math.floor(Math.max(this.from, this.to) / step);
        return Array.from({ length: Math.max(0, last - first + 1) }, (_, index) => (first + index) * step);
    }
}
