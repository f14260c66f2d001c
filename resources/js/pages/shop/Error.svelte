<script lang="ts">
    import { page } from '@inertiajs/svelte';
    import type { ErrorProps } from '@/lib/props';
    import { route } from '@/lib/address';

    const { status, headline, under }: ErrorProps = $props();
</script>

<svelte:head><title>{headline} · Regimen</title></svelte:head>

<h1>{headline}</h1>
<p>{under}</p>
<p class="quiet figure">{status}</p>
<p>
    {#if page.props.viewer}<a href={route('today')}>To today’s work</a>{:else}<a href={route('sign-in')}>Sign in</a
        >{/if}
</p>

<style>
    p {
        margin-top: 0.75rem;
        max-width: 40rem;
    }
</style>
