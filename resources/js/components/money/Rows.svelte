<!-- Amounts under each other, each with where it comes from. -->
<script lang="ts">
    import type { Row } from '@/lib/props';

    const { rows }: { rows: Row[] } = $props();
</script>

<dl>
    {#each rows as one (one.name)}
        <div class="grid grid-cols-[1fr_auto] gap-x-4 border-b border-b-rule py-1" data-row={one.name}>
            <dt>
                {one.name}
                {#if one.because}<span class="small quiet block">{one.because}</span>{/if}
            </dt>
            <dd class="figure text-right">{one.value}</dd>
        </div>
    {/each}
</dl>
