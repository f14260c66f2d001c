<!-- Why it is not over sooner, from the finish back to today: a story a line, opened a sentence a step. -->
<script lang="ts">
    import { moment } from '@/lib/time';
    import type { ReasonChain, ReasonStep } from '@/lib/props';
    import { route } from '@/lib/address';

    const span = (steps: number[]): [number, number] => [Math.min(...steps), Math.max(...steps) + 1];
    const { chain, build }: { chain: ReasonChain | undefined; build: number } = $props();
</script>

{#snippet line(step: ReasonStep)}
    <a
        class="target"
        href={step.build === build
            ? `#operation-${step.id}`
            : route('builds.show', step.build) + `#operation-${step.id}`}>{step.name}</a
    >
    {#if step.start}<span class="figure small my-0 mx-2 font-[450]">{moment(step.start)}</span>{/if}
    <span class="small quiet">{step.because}</span>
{/snippet}

{#if chain && chain.steps.length > 0}
    <details class="opens mt-[0.6rem]" id="chain">
        <summary class="py-[0.3rem] px-0"
            ><b>Why not sooner</b>
            <span class="small quiet"
                >{chain.steps.length} steps back to today{chain.slack ? `, ${chain.slack}` : ''}</span
            ></summary
        >
        <ol class="border-l-2 border-l-rule pl-[0.8rem]">
            {#each chain.stories as story (story.steps.join())}
                <li class="py-[0.2rem]">
                    {#if story.steps.length === 1}
                        {#each chain.steps.slice(...span(story.steps)) as step (step.id)}{@render line(step)}{/each}
                    {:else}
                        <details class="opens">
                            <summary
                                ><b class="font-normal">{story.name}</b>
                                {#if story.start}<span class="figure small my-0 mx-2 font-[450]"
                                        >since {moment(story.start)}</span
                                    >{/if}
                                <span class="small quiet">{story.because}</span></summary
                            >
                            <ol class="pl-[1.1rem]">
                                {#each chain.steps.slice(...span(story.steps)) as step (step.id)}
                                    <li class="py-[0.1rem]">{@render line(step)}</li>
                                {/each}
                            </ol>
                        </details>
                    {/if}
                </li>
            {/each}
        </ol>
    </details>
{/if}
