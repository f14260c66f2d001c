import type { TodayItem } from '@/lib/props';

/** An item of somebody's day with its place in the row, in minutes after midnight. */
export interface Placed extends TodayItem {
    start: number;
    end: number;
    room: number;
    held: number;
}

export const timeOf = (minute: number): string =>
    `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;

/** Pixels that a minute has at the least where rows in time are shown, and a letter at the most. */
const MINUTE = 1.35;
const LETTER = 7;

/** Whether a name has no room beneath its bar: its longest word does not fit, or it would take more than three lines. */
export function isShort(item: Placed): boolean {
    const width = item.room * MINUTE;
    const longest = Math.max(...item.name.split(/[\s-]/).map((word) => word.length));
    return width < LETTER * longest || 3 * width < LETTER * (item.name.length + 4);
}

/** Whether not even its number has room. */
export const isTiny = (item: Placed): boolean => item.room * MINUTE < 2.6 * LETTER;
