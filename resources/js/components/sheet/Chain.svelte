<!-- Why it is not over sooner, a sentence a step, from the finish back to today. -->
<script lang="ts">
    import { moment } from '@/lib/time';
    import type { ReasonChain } from '@/lib/props';
    import { route } from '@/lib/address';

    const { chain, build }: { chain: ReasonChain | undefined; build: number } = $props();
</script>

{#if chain && chain.steps.length > 0}
    <details class="opens mt-[0.6rem]" id="chain">
        <summary class="py-[0.3rem] px-0"
            ><b>Why not sooner</b>
            <span class="small quiet"
                >{chain.steps.length} steps back to today{chain.slack ? `, ${chain.slack}` : ''}</span
            ></summary
        >
        <ol class="border-l-2 border-l-rule pl-[0.8rem]">
            {#each chain.steps as step (step.id)}
                <li class="py-[0.2rem]">
                    <a
                        href={step.build === build
                            ? `#operation-${step.id}`
                            : route('builds.show', step.build) + `#operation-${step.id}`}>{step.name}</a
                    >
                    {#if step.start}<span class="figure small my-0 mx-2 font-[450]">{moment(step.start)}</span>{/if}
                    <span class="small quiet">{step.because}</span>
                </li>
            {/each}
        </ol>
    </details>
{/if}
