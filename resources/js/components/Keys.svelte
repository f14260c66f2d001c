<script lang="ts">
    import { Dialog, Portal } from '@skeletonlabs/skeleton-svelte';

    interface Props {
        open: boolean;
        pages: { name: string; key: string }[];
        manager: boolean;
    }

    let { open = $bindable(), pages, manager }: Props = $props();

    const keys = $derived([
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
                            <dt class="figure w-8">{one.key}</dt>
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
