import { page } from '@inertiajs/svelte';
import type { SharedProps } from './props';

const shared = (): SharedProps => page.props;

const formats = new Map<string, Intl.DateTimeFormat>();

function format(options: Intl.DateTimeFormatOptions, zone: string): Intl.DateTimeFormat {
    const key = JSON.stringify(options) + zone;
    let found = formats.get(key);
    if (found === undefined) {
        found = new Intl.DateTimeFormat('en-GB', { ...options, timeZone: zone });
        formats.set(key, found);
    }
    return found;
}

function zone(): string {
    return shared().shop?.timezone ?? 'UTC';
}

function inItsYear(when: Date, where: string): string {
    const year = (at: Date): string => format({ year: 'numeric' }, where).format(at);
    const now = shared().clock.now;
    const known = year(when) === year(new Date(now));
    const options: Intl.DateTimeFormatOptions = { weekday: 'short', day: 'numeric', month: 'short' };
    return format(known ? options : { ...options, year: 'numeric' }, where)
        .format(when)
        .replace(',', '');
}

/** `Wed 18 Mar` of an instant, in the shop's zone; with its year where that is not this one. */
export function day(instant: string | Date): string {
    return inItsYear(new Date(instant), zone());
}

/** `Wed 18 Mar` of a calendar day; with its year where that is not this one. */
export function calendarDay(date: string): string {
    return inItsYear(new Date(`${date}T00:00:00Z`), 'UTC');
}

/** `Wed 18 Mar 2026` of an instant. */
export function fullDay(instant: string | Date): string {
    const options: Intl.DateTimeFormatOptions = { weekday: 'short', day: 'numeric', month: 'short', year: 'numeric' };
    return format(options, zone()).format(new Date(instant)).replace(',', '');
}

/** `16:10` */
export function clock(instant: string | Date): string {
    return format({ hour: '2-digit', minute: '2-digit', hourCycle: 'h23' }, zone()).format(new Date(instant));
}

/** `9 Mar` */
export function shortDay(instant: string | Date): string {
    return format({ day: 'numeric', month: 'short' }, zone()).format(new Date(instant));
}

export function moment(instant: string): string {
    return `${day(instant)} ${clock(instant)}`;
}

/** Minutes after midnight in the shop's zone. */
export function minuteOfDay(instant: string | Date): number {
    const [hours = 0, minutes = 0] = clock(instant).split(':').map(Number);
    return hours * 60 + minutes;
}

/** The calendar day of an instant in the shop's zone, YYYY-MM-DD. */
export function dateOf(instant: string | Date): string {
    const options: Intl.DateTimeFormatOptions = { year: 'numeric', month: '2-digit', day: '2-digit' };
    return format(options, zone()).format(new Date(instant)).split('/').reverse().join('-');
}

/** Labour, in hours however many: `45 min`, `1 h 12`, `75 h` */
export function labour(minutes: number): string {
    const whole = Math.max(0, Math.round(minutes));
    const hours = Math.floor(whole / 60);
    const rest = whole % 60;
    if (hours === 0) {
        return `${rest} min`;
    }
    return rest === 0 ? `${hours} h` : `${hours} h ${String(rest).padStart(2, '0')}`;
}

/** Time by the clock, as holds pass: like labour up to two days, then `2 d`, `3 d 4 h` */
export function span(minutes: number): string {
    const whole = Math.max(0, Math.round(minutes));
    const days = Math.floor(whole / 1440);
    const hours = Math.floor((whole % 1440) / 60);
    if (days < 2) {
        return labour(whole);
    }
    return hours > 0 ? `${days} d ${hours} h` : `${days} d`;
}
