<!-- From what a player says to figures, to take or leave one by one. -->
<script lang="ts">
    import ErrorLine from '@/components/ErrorLine.svelte';
    import { Asker } from '@/lib/ask';
    import { route } from '@/lib/address';
    import type { FeelLine, Option } from '@/lib/props';
    import type { Row, Typed } from '@/lib/typed';
    import { untrack } from 'svelte';

    interface Props {
        wishes: Option[];
        specification: Typed;
        onset: (key: string, value: string | Row[]) => void;
    }

    const { wishes, specification, onset }: Props = $props();

    interface Answer {
        proposals: FeelLine[];
        contradictions: string[];
    }

    let said = $state<string[]>([]);
    let answer = $state<Answer | null>(null);
    let silence = $state('');

    const asker = new Asker<object, Answer>(
        route('sketches.feel'),
        (given) => {
            answer = given;
            silence = '';
        },
        (words) => (silence = words),
    );

    $effect(() => {
        const question = {
            wishes: $state.snapshot(said),
            type: typeof specification['type'] === 'string' ? specification['type'] : '',
        };
        untrack(() => asker.ask(question));
    });

    const value = (one: FeelLine): string | Row[] => one.rows ?? one.typed;
    const isTaken = (one: FeelLine): boolean =>
        JSON.stringify(specification[one.field] ?? '') === JSON.stringify(value(one));
</script>

<section aria-labelledby="feel">
    <h2 id="feel">From feel to figures</h2>
    <p class="quiet small">What they say of how they play. What follows is common practice: take it or leave it.</p>
    <div class="flex flex-wrap gap-x-5">
        {#each wishes as one (one.value)}
            <label class="flex items-center gap-2 min-h-11">
                <input class="size-5" type="checkbox" value={one.value} bind:group={said} />
                {one.words}
            </label>
        {/each}
    </div>
    <ErrorLine text={silence} />
    {#each answer?.contradictions ?? [] as words (words)}<p class="tight mt-1">{words}</p>{/each}
    <ul data-feel>
        {#each answer?.proposals ?? [] as one (one.field)}
            <li class="flex gap-4 items-start border-b border-b-rule py-2">
                <span class="flex-1"
                    ><b>{one.label}</b> <span class="figure">{one.words}</span>
                    <span class="small block">{one.because}</span>
                    <span class="small quiet block">Costs: {one.costs}</span></span
                >
                {#if isTaken(one)}<span class="quiet">taken</span>
                {:else}<button class="act" type="button" onclick={() => onset(one.field, value(one))}>Take it</button
                    >{/if}
            </li>
        {/each}
    </ul>
</section>
