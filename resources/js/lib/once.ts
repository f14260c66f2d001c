import { router } from '@inertiajs/svelte';

/**
 * What is sent carries a word that the server takes once: pressed twice, it is done once. Whatever has come back, refused
 * or done, gets a new word; a request that was only overtaken by the next press keeps it.
 */
export function sendOnce(): void {
    let word = crypto.randomUUID();
    router.on('before', (event) => {
        const { visit } = event.detail;
        if (visit.method !== 'get') {
            visit.headers['X-Once'] = word;
        }
    });
    const renew = (): void => {
        word = crypto.randomUUID();
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
