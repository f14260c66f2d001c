<script lang="ts">
    import type { Snippet } from 'svelte';

    interface Props {
        children: Snippet;
        under?: string;
        kind?: 'plain' | 'main' | 'wrong';
        disabled?: boolean;
        pressed?: boolean | undefined;
        onpress: () => void;
    }

    const { children, under = '', kind = 'plain', disabled = false, pressed, onpress }: Props = $props();
</script>

<button class={['knuckle', kind]} type="button" {disabled} aria-expanded={pressed} onclick={onpress}>
    <b>{@render children()}</b>
    {#if under}<span>{under}</span>{/if}
</button>

<style>
    .knuckle {
        display: flex;
        flex-direction: column;
        align-items: center;
        justify-content: center;
        min-height: 4.5rem;
        padding: 0.4rem 0.6rem;
        border: 1px solid var(--ink);
        border-radius: 3px;
        background: transparent;
        text-align: center;
        line-height: 1.2;
        cursor: pointer;
        touch-action: manipulation;
    }

    b {
        font-family: var(--heading);
        font-size: 1.15rem;
        font-weight: 700;
    }

    span {
        font-size: 0.85rem;
        color: var(--quiet);
    }

    .main {
        min-height: 5.2rem;
        border-color: var(--accent);
        background: var(--accent);
        color: var(--paper);
    }

    .main span {
        color: var(--paper);
    }

    .wrong {
        border-color: var(--rust);
        color: var(--rust);
    }

    .knuckle:disabled {
        opacity: 0.5;
        cursor: default;
    }
</style>
