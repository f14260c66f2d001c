import { router } from '@inertiajs/svelte';

type Input = HTMLInputElement | HTMLSelectElement | HTMLTextAreaElement;

const QUESTION = 'What you have typed is not saved yet. Leave it?';

/** What stood in a field before it was typed into. */
const before = new Map<Input, string>();

function field(event: Event): Input | null {
    const target = event.target as Element | null;
    return target?.matches('form :is(input, select, textarea):not([type="file"], [type="checkbox"], [data-passing])')
        ? (target as Input)
        : null;
}

/** Whether something stands in a form of this page that nobody has sent. */
function isUnsaved(): boolean {
    for (const [input, value] of before) {
        if (!input.isConnected) {
            before.delete(input);
        } else if (input.value !== value) {
            return true;
        }
    }
    return false;
}

/** Leaving, reloading or going back asks first while something typed has not been sent. */
export function askBeforeLeaving(): void {
    let sent: HTMLFormElement | null = null;

    document.addEventListener(
        'focusin',
        (event) => {
            const input = field(event);
            if (input && !before.has(input)) {
                before.set(input, input.value);
            }
        },
        true,
    );
    document.addEventListener('submit', (event) => (sent = event.target as HTMLFormElement), true);
    router.on('success', () => {
        // What was sent is no longer unsaved; nor is what another page has left behind.
        for (const input of [...before.keys()]) {
            if (!input.isConnected || (sent !== null && input.form === sent)) {
                before.delete(input);
            }
        }
        sent = null;
    });
    router.on('before', (event) => {
        const { visit } = event.detail;
        const leaves = visit.method === 'get' && visit.url.pathname !== location.pathname && !visit.prefetch;
        if (leaves && isUnsaved() && !confirm(QUESTION)) {
            event.preventDefault();
        } else if (leaves) {
            before.clear();
        }
    });
    let here = location.pathname;
    let swallowed = false;
    router.on('navigate', () => (here = location.pathname));
    window.addEventListener(
        'popstate',
        (event) => {
            if (swallowed || location.pathname === here) {
                // The way back to where one stayed, or another part of the same page.
                if (swallowed) {
                    event.stopImmediatePropagation();
                }
                swallowed = false;
            } else if (isUnsaved() && !confirm(QUESTION)) {
                event.stopImmediatePropagation();
                swallowed = true;
                history.go(1);
            } else {
                before.clear();
            }
        },
        true,
    );
    window.addEventListener('beforeunload', (event) => {
        if (isUnsaved()) {
            event.preventDefault();
        }
    });
}
