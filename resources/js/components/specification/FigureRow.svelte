<script lang="ts">
    import type { ComputedFigure } from '@/lib/props';
    import Source from './Source.svelte';

    const { figure, marked = false }: { figure: ComputedFigure; marked?: boolean } = $props();
</script>

<details class="border-b border-b-rule text-[0.9rem]" data-figure={figure.key}>
    <summary class="grid grid-cols-[minmax(0,1fr)_6.4rem_5.2rem_1rem] gap-y-0 gap-x-2 items-center py-[0.3rem] px-0">
        <span>{figure.name}</span>
        <span class={['figure', marked && 'marked']}>{figure.value}</span>
        <span class="figure quiet text-[0.8rem] font-normal whitespace-nowrap">{figure.other}</span>
        <Source source="computed" />
    </summary>
    <p class="figure small quiet pt-0 pb-[0.4rem] text-left wrap-anywhere font-normal">{figure.because}</p>
</details>

<style>
    .figure {
        text-align: right;
    }

    .marked {
        color: var(--rust);
        background: color-mix(in srgb, var(--rust) 14%, transparent);
    }
</style>
