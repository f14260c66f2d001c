<script lang="ts">
    import { page } from '@inertiajs/svelte';
    import { onMount } from 'svelte';
    import BenchView from '@/components/bench/BenchView.svelte';
    import { openWithoutServer, presses } from '@/lib/presses.svelte';
    import type { BenchProps } from '@/lib/props';

    const props: BenchProps = $props();

    onMount(() => openWithoutServer(props.shared));
    $effect(() => {
        void presses.remember(props.id, page.props as unknown as BenchProps);
    });
</script>

<svelte:head><title>Bench · Regimen</title></svelte:head>

<BenchView {...props} />
