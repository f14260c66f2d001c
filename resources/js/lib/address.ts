import { route as ziggy, type Config, type RouteParams } from 'ziggy-js';
import type { addresses as every } from './addresses/all';
import { addresses as open } from './addresses/public';

/** The application's addresses, by name; the names are those of routes/web.php. */
export type Address = keyof (typeof every)['routes'];

type Given = string | number | (string | number)[] | Record<string, unknown>;

let known = open as unknown as Config;

/** Whoever is signed in gets all of them; others only what is open to everybody. */
export async function learnAddresses(): Promise<void> {
    known = (await import('./addresses/all')).addresses as unknown as Config;
}

/** The path to it, without the host. */
export function route(name: Address, given?: Given): string {
    return ziggy(name as string, given as RouteParams<string>, false, known);
}
