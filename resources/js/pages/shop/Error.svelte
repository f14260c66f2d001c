<script lang="ts">
    import { page } from '@inertiajs/svelte';
    import type { ErrorProps } from '@/lib/props';
    import { route } from '@/lib/address';

    const { status, headline, under }: ErrorProps = $props();
</script>

<svelte:head><title>{headline} · Regimen</title></svelte:head>

<h1>{headline}</h1>
<p class="mt-3 max-w-160">{under}</p>
<p class="quiet figure mt-3 max-w-160">{status}</p>
<p class="mt-3 max-w-160">
    {#if page.props.viewer}<a href={route('today')}>To today’s work</a>{:else}<a href={route('sign-in')}>Sign in</a
        >{/if}
</p>
