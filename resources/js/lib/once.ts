import { router } from '@inertiajs/svelte';

/** Not `randomUUID`, which a phone in the shop's own network does not have without https. */
function fresh(): string {
    return [...crypto.getRandomValues(new Uint8Array(18))].map((one) => one.toString(16).padStart(2, '0')).join('');
}

/**
 * What is sent carries a word that the server takes once: pressed twice, it is done once. Whatever has come back, refused
 * or done, gets a new word; a request that was only overtaken by the next press keeps it.
 */
export function sendOnce(): void {
    let word = fresh();
    router.on('before', (event) => {
        const { visit } = event.detail;
        if (visit.method !== 'get') {
            visit.headers['X-Once'] = word;
        }
    });
    const renew = (): void => {
        word = fresh();
    };
    // Before what a page does next with the answer.
    router.on('success', renew);
    router.on('error', renew);
    router.on('finish', (event) => {
        if (event.detail.visit.completed) {
            renew();
        }
    });
}
