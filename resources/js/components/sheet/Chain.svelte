<!-- Why it is not over sooner, a sentence a step, from the finish back to today. -->
<script lang="ts">
    import { moment } from '@/lib/time';
    import type { ReasonChain } from '@/lib/props';
    import { route } from '@/lib/address';

    const { chain, build }: { chain: ReasonChain | undefined; build: number } = $props();
</script>

{#if chain && chain.steps.length > 0}
    <details class="opens" id="chain">
        <summary
            ><b>Why not sooner</b>
            <span class="small quiet"
                >{chain.steps.length} steps back to today{chain.slack ? `, ${chain.slack}` : ''}</span
            ></summary
        >
        <ol>
            {#each chain.steps as step (step.id)}
                <li>
                    <a
                        href={step.build === build
                            ? `#operation-${step.id}`
                            : route('builds.show', step.build) + `#operation-${step.id}`}>{step.name}</a
                    >
                    {#if step.start}<span class="figure small">{moment(step.start)}</span>{/if}
                    <span class="small quiet">{step.because}</span>
                </li>
            {/each}
        </ol>
    </details>
{/if}

<style>
    details {
        margin-top: 0.6rem;
    }

    summary {
        padding: 0.3rem 0;
    }

    ol {
        border-left: 2px solid var(--rule);
        padding-left: 0.8rem;
    }

    li {
        padding: 0.2rem 0;
    }

    .figure {
        margin: 0 0.5rem;
        font-weight: 450;
    }
</style>
