<!-- A stage of an instrument that is taken in: done as a whole, or opened to say it by operation. -->
<script lang="ts">
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import type { StageTakenIn } from '@/lib/props';
    import { labour } from '@/lib/time';
    import type { Said, Come } from './said';

    interface Props {
        stage: StageTakenIn;
        said: Said;
        errors: Record<string, string | undefined>;
        onset: (ids: number[], state: Come) => void;
    }

    const { stage, said, errors, onset }: Props = $props();

    const id = $props.id();
    const ids = $derived(stage.operations.map((one) => one.id));
    const done = $derived(ids.filter((one) => said.come(one) === 'done').length);
    const all = $derived(done === ids.length);
    const wrong = $derived(
        stage.operations.some((one) => errors[`operations.${one.id}`] ?? errors[`operations.${one.id}.until`]),
    );

    const words: [Come, string][] = [
        ['open', 'not begun'],
        ['started', 'begun'],
        ['holding', 'holding'],
        ['done', 'done'],
    ];
</script>

<li class="border-b border-b-rule py-2" data-stage={stage.stage}>
    <div class="grid grid-cols-[minmax(0,1fr)_9rem] gap-x-4 items-start">
        <p class="flex flex-wrap gap-x-3 items-center">
            <label class="flex gap-3 items-center min-h-[2.2rem] touch:min-h-[44px]">
                <input
                    type="checkbox"
                    class="w-5 h-5"
                    checked={all}
                    indeterminate={!all && done > 0}
                    onchange={(event) => onset(ids, event.currentTarget.checked ? 'done' : 'open')}
                />
                <b>{stage.words} done</b>
            </label>
            <span class="quiet small">{done} of {ids.length} operations, usually {labour(stage.minutes)}</span>
        </p>
        <Field
            name={`hours.${stage.stage}`}
            label={`Hours on ${stage.words.toLowerCase()}`}
            bind:value={() => said.hours[stage.stage] ?? '', (typed) => (said.hours[stage.stage] = typed)}
            error={errors[`hours.${stage.stage}`]}
        />
    </div>
    <details open={wrong}>
        <summary class="word small">by operation</summary>
        <ul class="pl-8 max-desk:pl-0">
            {#each stage.operations as one (one.id)}
                <li
                    class="grid grid-cols-[minmax(0,1fr)_9rem_12rem] gap-x-4 items-center max-desk:grid-cols-[minmax(0,1fr)_9rem]"
                >
                    <label for={`${id}-${one.id}`}>{one.name}</label>
                    <select
                        id={`${id}-${one.id}`}
                        class="field"
                        value={said.come(one.id)}
                        onchange={(event) => onset([one.id], event.currentTarget.value as Come)}
                    >
                        {#each words as [value, text] (value)}
                            {#if value !== 'holding' || one.holds}<option {value}>{text}</option>{/if}
                        {/each}
                    </select>
                    {#if said.come(one.id) === 'holding'}
                        <Field
                            name={`until.${one.id}`}
                            label="Holds until"
                            type="moment"
                            bind:value={() => said.until[one.id] ?? '', (typed) => (said.until[one.id] = typed)}
                            error={errors[`operations.${one.id}.until`]}
                        />
                    {:else if said.come(one.id) === 'started'}
                        <Field
                            name={`hours.${one.id}`}
                            label="Hours so far"
                            bind:value={() => said.begun[one.id] ?? '', (typed) => (said.begun[one.id] = typed)}
                            error={errors[`operations.${one.id}.hours`]}
                        />
                    {:else}
                        <span></span>
                    {/if}
                    <div class="col-span-full"><ErrorLine text={errors[`operations.${one.id}`]} /></div>
                </li>
            {/each}
        </ul>
    </details>
</li>
