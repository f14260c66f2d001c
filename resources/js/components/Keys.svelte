<script lang="ts">
    import { page } from '@inertiajs/svelte';
    import { Dialog, Portal } from '@skeletonlabs/skeleton-svelte';

    interface Props {
        open: boolean;
        pages: { name: string; key: string }[];
        manager: boolean;
    }

    let { open = $bindable(), pages, manager }: Props = $props();

    /** What a page has beside the keys that are the same everywhere. */
    const OF_PAGES: Record<string, { name: string; key: string; managers?: boolean }[]> = {
        'plan/Horizon': [
            { name: 'From one operation of a row to the next', key: '← →' },
            { name: 'Move it by a day', key: '⇧ ← →', managers: true },
            { name: 'Move it past the one before or behind it', key: '⇧ ↑ ↓', managers: true },
            { name: 'Pin it as it stands', key: 'p', managers: true },
            { name: 'Take the pin out', key: 'Del', managers: true },
            { name: 'Do what is shown', key: 'Enter', managers: true },
            { name: 'Leave it', key: 'Esc' },
            { name: 'Zoom', key: 'z' },
            { name: 'Earlier, later', key: ', ;' },
            { name: 'Take the last change back', key: 'u', managers: true },
        ],
    };

    const keys = $derived([
        ...(OF_PAGES[page.component] ?? []).filter((one) => manager || !one.managers),
        ...pages,
        ...(manager ? [{ name: 'Take a new commission', key: '+' }] : []),
        { name: 'The next thing to do', key: '.' },
        { name: 'Evening or day colours', key: 'e' },
        { name: 'These keys', key: '?' },
    ]);
</script>

<Dialog {open} onOpenChange={(details) => (open = details.open)}>
    <Portal>
        <Dialog.Backdrop class="keys-behind" />
        <Dialog.Positioner class="keys-place">
            <Dialog.Content class="keys-sheet">
                <Dialog.Title class="keys-title">Keys</Dialog.Title>
                <dl class="mt-2 mb-4">
                    {#each keys as one (one.key)}
                        <div>
                            <dt class="figure w-16 whitespace-nowrap">{one.key}</dt>
                            <dd>{one.name}</dd>
                        </div>
                    {/each}
                </dl>
                <Dialog.CloseTrigger class="act">Close</Dialog.CloseTrigger>
            </Dialog.Content>
        </Dialog.Positioner>
    </Portal>
</Dialog>

<style>
    :global(.keys-behind) {
        position: fixed;
        inset: 0;
        background: color-mix(in oklab, var(--ink) 35%, transparent);
        z-index: 20;
    }

    :global(.keys-place) {
        position: fixed;
        inset: 0;
        display: grid;
        place-items: center;
        z-index: 21;
    }

    :global(.keys-sheet) {
        background: var(--paper);
        border-top: 2px solid var(--ink);
        padding: 1rem 1.5rem 1.25rem;
        width: min(26rem, 92vw);
    }

    :global(.keys-title) {
        font-family: var(--heading);
        font-weight: 650;
        font-size: 1.3rem;
    }

    dl div {
        display: flex;
        gap: 1rem;
        border-top: 1px solid var(--rule);
        padding: 0.4rem 0;
    }
</style>
