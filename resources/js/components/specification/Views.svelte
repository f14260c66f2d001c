<script lang="ts">
    import Instrument from '@/components/Instrument.svelte';
    import type { Drawing } from '@/lib/props';

    const { views, stale }: { views: Drawing[]; stale: boolean } = $props();

    let dimensions = $state(true);
</script>

<p class="screen-only switch text-[0.85rem] text-right">
    <label><input type="checkbox" bind:checked={dimensions} /> Dimensions</label>
</p>
<div class={['views', stale && 'stale']}>
    {#each views as view (view.key)}
        <figure class={view.key} data-view={view.key}>
            <Instrument drawing={view} words={view.title} strings {dimensions} />
            <figcaption class="quiet small">{view.title}</figcaption>
        </figure>
    {/each}
</div>

<style>
    .switch label {
        display: inline-flex;
        gap: 0.4rem;
        align-items: center;
        min-height: var(--target);
    }

    .views {
        display: grid;
        gap: 0.9rem;
        margin-right: 4.5rem;
    }

    .front {
        max-height: 15rem;
    }

    .front :global(svg) {
        max-height: 13.5rem;
    }

    .head :global(svg),
    .layers :global(svg) {
        max-height: 13rem;
    }

    .stale {
        opacity: 0.55;
    }
    @media print {
        .front,
        .front :global(svg) {
            max-height: none;
        }
    }
</style>
