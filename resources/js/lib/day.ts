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
