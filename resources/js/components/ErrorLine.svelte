<script lang="ts">
    const { text, id }: { text: string | undefined; id?: string } = $props();
</script>

{#if text}
    <p class="text-rust text-[0.9rem] py-[0.2rem] max-w-176" {id} role="alert">{text}</p>
{/if}
