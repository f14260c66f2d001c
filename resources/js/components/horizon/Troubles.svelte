<!-- What the plan could not do as it was asked to, each with its fix. -->
<script lang="ts">
    import type { TroubleLine } from '@/lib/props';
    import { inertia } from '@inertiajs/svelte';
    import { route } from '@/lib/address';

    const { troubles }: { troubles: TroubleLine[] } = $props();
</script>

<details class="opens border-l-5 border-l-ochre py-[0.2rem] px-[0.9rem] my-2 mx-0" open={troubles.length < 4}>
    <summary
        ><b>{troubles.length === 1 ? 'One thing' : `${troubles.length} things`} could not be planned as asked</b
        ></summary
    >
    <ul>
        {#each troubles as trouble, index (index)}
            <li class="py-[0.15rem] text-[0.92rem]">
                {#if trouble.build}
                    <a
                        href={route('builds.show', trouble.build) +
                            (trouble.operationId ? `#operation-${trouble.operationId}` : '')}
                        use:inertia>{trouble.build} {trouble.operation}</a
                    >
                {/if}
                {trouble.words}
            </li>
        {/each}
    </ul>
</details>
