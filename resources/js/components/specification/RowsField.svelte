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

<fieldset data-field={field.key}>
    <legend>{field.label} <Source source={value?.source ?? ''} /></legend>
    {#if own === null || !editable}
        <p class="figure small">{value?.words || 'none'}</p>
        {#if editable}
            <button class="word small" type="button" onclick={() => onset(rows.map((row) => ({ ...row })))}>
                Change the {field.key}
            </button>
        {/if}
    {:else}
        {#each rows as row, index (index)}
            <div class="entry" data-row={index}>
                {#each field.columns as column (column.key)}
                    {@const wrong = problems[`${field.key}.${index}.${column.key}`]}
                    {@const at = `${id}-${index}-${column.key}`}
                    <div>
                        <label for={at}>{column.label}</label>
                        {#if column.kind === 'choice'}
                            <select
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
                                class="figure"
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
        <p class="acts">
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
    fieldset {
        border-bottom: 1px solid var(--rule);
        padding: 0.3rem 0;
        font-size: 0.9rem;
    }

    legend {
        float: left;
        width: 100%;
    }

    legend + * {
        clear: both;
    }

    .entry {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(7.5rem, 1fr));
        gap: 0.2rem 0.5rem;
        padding: 0.25rem 0 0.35rem 0.6rem;
        border-left: 2px solid var(--rule);
        margin: 0.3rem 0;
    }

    .entry label {
        display: block;
        font-size: 0.75rem;
        color: var(--quiet);
        white-space: nowrap;
        overflow: hidden;
        text-overflow: ellipsis;
    }

    .entry .word {
        align-self: end;
    }

    input,
    select {
        width: 100%;
        min-height: 1.75rem;
        padding: 0 0.3rem;
        border: 0;
        background: var(--shade);
        color: var(--ink);
        font-size: 0.9rem;
    }

    [aria-invalid='true'] {
        outline: 2px solid var(--rust);
    }

    .acts {
        display: flex;
        gap: 1rem;
    }

    @media (pointer: coarse), (width < 48rem) {
        input,
        select {
            min-height: 44px;
        }
    }
</style>
