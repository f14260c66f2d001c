import { http, router } from '@inertiajs/svelte';
import { openDB, type IDBPDatabase } from 'idb';
import { route } from './address';
import { shopClock } from './now.svelte';
import type { BenchProps } from './props';

/** Something that was pressed without a network: it stands under a name until it is sent. */
export interface Press {
    order?: number;
    uuid: string;
    person: number;
    name: string;
    kind: string;
    at: string;
    operation: number | null;
    said: Record<string, string>;
    photograph?: Blob;
    words: string;
}

interface Result {
    uuid: string;
    done: boolean;
    words: string;
}

const NAME = 'regimen-bench';

const AGAIN_MS = 4000;

let opened: Promise<IDBPDatabase> | null = null;

function database(): Promise<IDBPDatabase> {
    opened ??= openDB(NAME, 1, {
        upgrade(db) {
            db.createObjectStore('presses', { keyPath: 'order', autoIncrement: true });
            db.createObjectStore('pages');
        },
    });
    return opened;
}

/** What waits for the network, what has become of it, and whether there is one. */
class Presses {
    waiting = $state<Press[]>([]);
    told = $state<Result[]>([]);
    online = $state(true);
    sending = $state(false);
    /** What stands in the way of sending; empty for nothing. */
    problem = $state('');

    async load(): Promise<void> {
        this.waiting = (await (await database()).getAll('presses')) as Press[];
    }

    /** The server does not answer: from time to time it is asked whether it is back. */
    lost(): void {
        this.online = false;
        clearTimeout(this.#again);
        this.#again = window.setTimeout(() => void this.look(), AGAIN_MS);
    }

    async look(): Promise<void> {
        try {
            // Whatever it answers, it is there.
            this.online = navigator.onLine && (await fetch('/up', { cache: 'no-store' })).status > 0;
        } catch {
            this.online = false;
        }
        if (!this.online) {
            this.lost();
        }
    }

    #again = 0;

    async add(press: Omit<Press, 'uuid' | 'at' | 'order'>): Promise<void> {
        const whole: Press = { ...press, uuid: crypto.randomUUID(), at: shopClock.now.toISOString() };
        await (await database()).add('presses', whole);
        await this.load();
    }

    /** Those of one person, in the order in which they were pressed. */
    of(person: number): Press[] {
        return this.waiting.filter((one) => one.person === person);
    }

    /** @param code of a shared tablet; null where one is signed in */
    async send(person: number, code: string | null = null): Promise<void> {
        const presses = this.of(person);
        if (this.sending || presses.length === 0) {
            return;
        }
        this.sending = true;
        this.problem = '';
        try {
            const data = new FormData();
            presses.forEach((press, index) => {
                const at = `presses[${index}]`;
                data.append(`${at}[uuid]`, press.uuid);
                data.append(`${at}[kind]`, press.kind);
                data.append(`${at}[at]`, press.at);
                data.append(`${at}[operation]`, press.operation === null ? '' : String(press.operation));
                for (const [key, value] of Object.entries(press.said)) {
                    data.append(`${at}[said][${key}]`, value);
                }
                if (press.photograph) {
                    data.append(`photographs[${press.uuid}]`, press.photograph, 'bench.jpg');
                }
            });
            if (code !== null) {
                data.append('person', String(person));
                data.append('code', code);
            }
            const response = await http.getClient().request({
                method: 'post',
                url: code === null ? route('bench.presses') : route('bench.names.presses'),
                data,
                headers: { Accept: 'application/json' },
            });
            const { results } = JSON.parse(response.data) as { results: Result[] };
            const db = await database();
            for (const press of presses) {
                const result = results.find((one) => one.uuid === press.uuid);
                if (result && press.order !== undefined) {
                    await db.delete('presses', press.order);
                    this.told = [...this.told, { ...result, words: `${press.words}: ${result.words}` }];
                }
            }
        } catch (error) {
            this.problem = refusal(error);
        } finally {
            this.sending = false;
            await this.load();
        }
    }

    /** What the bench showed last, for somebody who comes to it without a network. */
    async remember(person: number, page: BenchProps): Promise<void> {
        await (await database()).put('pages', JSON.stringify(page), person);
    }

    async remembered(person: number): Promise<BenchProps | null> {
        const kept = (await (await database()).get('pages', person)) as string | undefined;
        return kept === undefined ? null : (JSON.parse(kept) as BenchProps);
    }
}

function refusal(error: unknown): string {
    const response = (error as { response?: { status: number; data: string } }).response;
    if (response === undefined) {
        return '';
    }
    if (response.status === 422) {
        const { errors } = JSON.parse(response.data) as { errors: Record<string, string[]> };
        return Object.values(errors)[0]?.[0] ?? 'It was refused.';
    }
    return response.status === 401 || response.status === 419
        ? 'Sign in again; what was pressed still waits here.'
        : 'The server did not take it; what was pressed still waits here.';
}

export const presses = new Presses();

/** Whether this page can be opened without the server; plain http has to do with the network. */
export const canWait = (): boolean => 'serviceWorker' in navigator && window.isSecureContext;

/** Keeps this page and what it is made of, so that it opens without the server. */
async function keepPage(): Promise<void> {
    const cache = await caches.open(NAME);
    const assets = performance
        .getEntriesByType('resource')
        .map((entry) => new URL(entry.name).pathname)
        .filter((path) => path.startsWith('/build/assets/'));
    await Promise.allSettled(
        [...new Set(assets)].map(async (path) => (await cache.match(path)) ?? (await cache.add(path))),
    );
    const answer = await fetch(location.pathname, { headers: { Accept: 'text/html' } });
    if (answer.ok && !answer.redirected) {
        await cache.put(location.pathname, answer);
    }
}

/**
 * @param shared whether several people share this device: then what one of them has seen is not kept for the next
 * @returns what ends it
 */
export function openWithoutServer(shared = false): () => void {
    if (canWait()) {
        void navigator.serviceWorker.register('/bench-worker.js');
        void (shared ? caches.open(NAME).then((cache) => cache.delete('/bench')) : keepPage()).catch(() => undefined);
    }
    void presses.load();
    void presses.look();
    const look = (): void => void presses.look();
    const lost = (): void => presses.lost();
    window.addEventListener('online', look);
    window.addEventListener('offline', lost);
    const silent = router.on('networkError', (event) => {
        event.preventDefault();
        presses.lost();
    });
    return () => {
        silent();
        window.removeEventListener('online', look);
        window.removeEventListener('offline', lost);
    };
}
