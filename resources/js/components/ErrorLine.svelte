<script lang="ts">
    const { text, id }: { text: string | undefined; id?: string } = $props();
</script>

{#if text}
    <p {id} role="alert">{text}</p>
{/if}

<style>
    p {
        color: var(--rust);
        font-size: 0.9rem;
        padding: 0.2rem 0;
        max-width: 44rem;
    }
</style>
