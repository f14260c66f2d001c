<script lang="ts">
    const { text, word = 'because' }: { text: string; word?: string } = $props();
</script>

<details>
    <summary>{word}</summary>
    <p>{text}</p>
</details>

<style>
    details {
        font-size: 0.85rem;
    }

    summary {
        display: inline-block;
        color: var(--accent);
        text-decoration: underline;
        text-underline-offset: 3px;
        padding: 0.15rem 0;
    }

    p {
        color: var(--quiet);
        max-width: 34rem;
    }

    @media (pointer: coarse), (width < 48rem) {
        summary {
            padding: 0.7rem 0;
        }
    }
</style>
