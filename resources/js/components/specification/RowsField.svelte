<script lang="ts">
    import ErrorLine from '@/components/ErrorLine.svelte';
    import type { FieldDefinition, ShownValue } from '@/lib/props';
    import type { Row } from '@/lib/typed';
    import Source from './Source.svelte';

    interface Props {
        field: FieldDefinition;
        /** The client's own rows, or null while the house's are taken. */
        own: Row[] | null;
        rows: Row[];
        value: ShownValue | undefined;
        problems: Record<string, string>;
        editable?: boolean;
        onset: (rows: Row[] | '') => void;
    }

    const { field, own, rows, value, problems, editable = true, onset }: Props = $props();

    const id = $props.id();
    const one = $derived(field.key === 'cavities' ? 'cavity' : field.key.replace(/s$/, ''));

    function change(index: number, column: string, typed: string): void {
        onset(rows.map((row, at) => (at === index ? { ...row, [column]: typed } : row)));
    }

    function add(): void {
        const blank = Object.fromEntries(field.columns.map((column) => [column.key, column.default]));
        onset([...rows, blank]);
    }
</script>

<fieldset class="border-b border-b-rule py-[0.3rem] px-0 text-[0.9rem]" data-field={field.key}>
    <legend class="[float:left] w-full">{field.label} <Source source={value?.source ?? ''} /></legend>
    {#if own === null || !editable}
        <p class="figure small">{value?.words || 'none'}</p>
        {#if editable}
            <button class="word small" type="button" onclick={() => onset(rows.map((row) => ({ ...row })))}>
                Change the {field.key}
            </button>
        {/if}
    {:else}
        {#each rows as row, index (index)}
            <div
                class="entry grid grid-cols-[repeat(auto-fill,minmax(7.5rem,1fr))] gap-y-[0.2rem] gap-x-2 pt-1 pr-0 pb-[0.35rem] pl-[0.6rem] border-l-2 border-l-rule my-[0.3rem]"
                data-row={index}
            >
                {#each field.columns as column (column.key)}
                    {@const wrong = problems[`${field.key}.${index}.${column.key}`]}
                    {@const at = `${id}-${index}-${column.key}`}
                    <div>
                        <label for={at}>{column.label}</label>
                        {#if column.kind === 'choice'}
                            <select
                                class="w-full min-h-7 py-0 px-[0.3rem] border-0 bg-shade text-ink text-[0.9rem] touch:min-h-[44px]"
                                id={at}
                                value={row[column.key] ?? ''}
                                aria-invalid={wrong ? 'true' : undefined}
                                onchange={(event) => change(index, column.key, event.currentTarget.value)}
                            >
                                {#each column.options as option (option.value)}<option value={option.value}
                                        >{option.words}</option
                                    >{/each}
                            </select>
                        {:else}
                            <input
                                id={at}
                                class="figure w-full min-h-7 py-0 px-[0.3rem] border-0 bg-shade text-ink text-[0.9rem] touch:min-h-[44px]"
                                type="text"
                                autocomplete="off"
                                value={row[column.key] ?? ''}
                                placeholder={column.hint ? 'worked out' : column.default}
                                aria-invalid={wrong ? 'true' : undefined}
                                oninput={(event) => change(index, column.key, event.currentTarget.value)}
                            />
                        {/if}
                        <ErrorLine text={wrong} />
                    </div>
                {/each}
                <button
                    class="word small"
                    type="button"
                    onclick={() => onset(rows.filter((_, other) => other !== index))}
                >
                    Drop {one}
                    {index + 1}
                </button>
            </div>
        {/each}
        <p class="flex gap-4">
            {#if rows.length < field.most}
                <button class="word small" type="button" onclick={add}
                    >{field.key === 'layers' ? 'Add a layer under these' : `Add a ${one}`}</button
                >
            {/if}
            <button class="word small" type="button" onclick={() => onset('')}>As the house has them</button>
        </p>
    {/if}
    <ErrorLine text={problems[field.key]} />
</fieldset>

<style>
    legend + * {
        clear: both;
    }

    .entry label {
        display: block;
        font-size: 0.75rem;
        color: var(--quiet);
    }

    .entry .word {
        align-self: end;
    }

    [aria-invalid='true'] {
        outline: 2px solid var(--rust);
    }
</style>
