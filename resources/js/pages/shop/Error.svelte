<script lang="ts">
    import type { ErrorProps } from '@/lib/props';

    const { status, headline, under }: ErrorProps = $props();
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
