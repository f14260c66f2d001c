<script lang="ts">
    import type { ComputedFigure } from '@/lib/props';
    import Source from './Source.svelte';

    const { figure, marked = false }: { figure: ComputedFigure; marked?: boolean } = $props();
</script>

<details data-figure={figure.key}>
    <summary>
        <span>{figure.name}</span>
        <span class={['figure', marked && 'marked']}>{figure.value}</span>
        <span class="figure quiet other">{figure.other}</span>
        <Source source="computed" />
    </summary>
    <p class="figure small quiet">{figure.because}</p>
</details>

<style>
    details {
        border-bottom: 1px solid var(--rule);
        font-size: 0.9rem;
    }

    summary {
        display: grid;
        grid-template-columns: minmax(0, 1fr) 6.4rem 5.2rem 1rem;
        gap: 0 0.5rem;
        align-items: center;
        padding: 0.3rem 0;
    }

    .figure {
        text-align: right;
    }

    .marked {
        color: var(--rust);
        background: color-mix(in srgb, var(--rust) 14%, transparent);
    }

    .other {
        font-size: 0.8rem;
        font-weight: 400;
        white-space: nowrap;
    }

    p {
        padding: 0 0 0.4rem;
        text-align: left;
        overflow-wrap: anywhere;
        font-weight: 400;
    }
</style>
