/** `56 %`; what never failed in some hundred runs is not said to be certain. */
export function percent(chance: number): string {
    return chance >= 100 ? '> 99 %' : chance <= 0 ? '< 1 %' : `${chance} %`;
}

/** How it is drawn: late where it is more likely broken than kept, tight below what the house wants. */
export function tone(chance: number | null, wanted: number): string {
    return chance === null ? '' : chance < 50 ? 'late' : chance < wanted ? 'tight' : '';
}
