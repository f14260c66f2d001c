<!-- What a build has cost, will cost, and what is left of its price; each figure with its reason. -->
<script lang="ts">
    import type { Progress } from '@/lib/props';

    const { progress }: { progress: Progress } = $props();

    const figures = $derived(progress.figures.filter((one) => one.isMoney));
</script>

<section class="sheet mt-4" id="money">
    <h2>Money</h2>
    <dl class="max-w-[52rem]">
        {#each figures as figure (figure.key)}
            <div class="grid grid-cols-[minmax(0,1fr)_9rem] gap-x-6 border-b border-b-rule py-2">
                <dt>{figure.name}</dt>
                <dd class={['figure', 'text-right', figure.warn && 'tight']} data-figure={figure.key}>
                    {figure.value}
                </dd>
                <dd class="quiet small col-span-full">{figure.because}</dd>
            </div>
        {:else}
            <p class="quiet">No cost is known while operations are missing on the route.</p>
        {/each}
    </dl>
</section>
