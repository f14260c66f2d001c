<script lang="ts">
    import Instrument from '@/components/Instrument.svelte';
    import type { OutlinesProps } from '@/lib/props';

    const { width, outlines }: OutlinesProps = $props();
</script>

<svelte:head><title>Body outlines · Regimen</title></svelte:head>

<h1>Body outlines</h1>
<p class="quiet">
    The house’s own, all to one scale and {width} wide; the neck comes from the left, the bass side is below. A specification
    makes them as wide as it says, and mirrors them for the other hand.
</p>

<ul class="flex flex-wrap gap-x-10 gap-y-8 my-[1.2rem]">
    {#each outlines as outline (outline.name)}
        <li class="w-75" data-outline={outline.name}>
            <div class="h-60 grid content-center">
                <div style:width={`${outline.share * 100}%`}>
                    <Instrument drawing={outline.drawing} words={`The outline ${outline.name}`} />
                </div>
            </div>
            <h2 class="first-letter:uppercase">{outline.name}</h2>
            <p class="small">
                {outline.length} long, {outline.area}, {outline.perimeter} around{outline.isSymmetric
                    ? '; both halves are alike'
                    : ''}
            </p>
        </li>
    {/each}
</ul>
