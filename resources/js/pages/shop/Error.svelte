<script lang="ts">
    const { status, headline, under }: { status: number; headline: string; under: string } = $props();
</script>

<svelte:head><title>{headline} · Regimen</title></svelte:head>

<h1>{headline}</h1>
<p>{under}</p>
<p class="quiet figure">{status}</p>
<p><a href="/today">To today’s work</a></p>

<style>
    p {
        margin-top: 0.75rem;
        max-width: 40rem;
    }
</style>
