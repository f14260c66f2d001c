import { shopClock } from './now.svelte';
import { clock, dateOf, day } from './time';

/** Minutes since an instant, by the shop's clock. */
export const since = (instant: string): number => (shopClock.now.getTime() - Date.parse(instant)) / 60_000;

/** `16:10` today, `Fri 20 Mar` on another day. */
export const when = (instant: string): string =>
    dateOf(instant) === dateOf(shopClock.now) ? clock(instant) : day(instant);
