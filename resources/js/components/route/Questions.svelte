<!-- Where makers disagree: how this build answers, and what another answer would cost. -->
<script lang="ts">
    import ErrorLine from '@/components/ErrorLine.svelte';
    import type { Act } from '@/lib/act.svelte';
    import type { RoutePrice, RouteQuestion } from '@/lib/props';

    interface Props {
        questions: RouteQuestion[];
        prices: Record<string, RoutePrice> | undefined;
        editable: boolean;
        act: Act;
        compare: string;
        onchoose: (question: string, answer: string) => void;
    }

    const { questions, prices, editable, act, compare, onchoose }: Props = $props();
</script>

<section class="sheet" id="methods">
    <h2>Where makers disagree</h2>
    <p class="small quiet">
        How the neck is joined, its cut and nut or zero fret are agreed in the specification;
        {#if editable}<a href={compare}>compare</a> shows what they would cost.{/if}
    </p>
    <ErrorLine text={act.errors.method} />
    {#each questions as question (question.key)}
        <fieldset
            class="border-t border-t-rule py-[0.4rem] px-0 grid grid-cols-[13rem_minmax(0,1fr)_minmax(0,1fr)] gap-y-[0.2rem] gap-x-[1.4rem] max-desk:grid-cols-1"
            data-question={question.key}
        >
            <legend class="[float:left] [grid-column:1]"><b>{question.words}</b></legend>
            {#each question.choices as choice (choice.key)}
                {@const price = prices?.[`${question.key} ${choice.key}`]}
                <div class={['choice', choice.key === question.answer && 'taken']}>
                    <label class="flex gap-2 items-baseline cursor-pointer min-h-(--target) touch:items-center">
                        <input
                            type="radio"
                            name={question.key}
                            value={choice.key}
                            checked={choice.key === question.answer}
                            disabled={!editable || act.busy}
                            onchange={() => onchoose(question.key, choice.key)}
                        />
                        {choice.words}
                        {#if question.house === choice.words}<span class="small quiet">the house’s way</span>{/if}
                    </label>
                    <span class="small quiet">{choice.follows}</span>
                    {#if choice.key !== question.answer}
                        <span class={['small figure price', price?.problem && 'late']}>
                            {#if price}{price.problem ?? price.words}{price.order
                                    ? `; ${price.order}`
                                    : ''}{:else}…{/if}
                        </span>
                    {/if}
                </div>
            {/each}
        </fieldset>
    {/each}
</section>

<style>
    .choice {
        display: grid;
        gap: 0.1rem;
        align-content: start;
    }

    .choice:nth-of-type(3) {
        grid-column: 2;
    }

    .taken label {
        font-weight: 550;
    }

    .price {
        font-weight: 450;
    }
    @media (width < 60rem) {
        .choice:nth-of-type(3) {
            grid-column: 1;
        }
    }
</style>
