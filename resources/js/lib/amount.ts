const COUNTED = ['piece', 'set', 'pair', 'share', 'sheet'];

/** `3 pieces`, `1 set`, `5.1 bd ft` */
export function amount(quantity: number, unit: string): string {
    return `${quantity} ${unit}${quantity !== 1 && COUNTED.includes(unit) ? 's' : ''}`;
}
