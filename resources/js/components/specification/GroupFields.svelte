<!-- The fields of one group, and what is computed from them. -->
<script lang="ts">
    import type { Writing } from '@/lib/writing.svelte';
    import FieldRow from './FieldRow.svelte';
    import FigureRow from './FigureRow.svelte';
    import RowsField from './RowsField.svelte';
    import PickPart from './PickPart.svelte';
    import type { FieldGroup, PartToPick } from '@/lib/props';

    interface Props {
        group: FieldGroup;
        writing: Writing;
        editable: boolean;
        parts?: PartToPick[];
    }

    const { group, writing, editable, parts = [] }: Props = $props();

    const problems = $derived(writing.worked.problems);
    /** What does not apply is not asked for; what was typed all the same is shown, to be cleared. */
    const fields = $derived(
        group.fields.filter(
            (field) => !writing.worked.values[field.key]?.idle || writing.typed[field.key] !== undefined,
        ),
    );
    const figures = $derived(writing.shown?.figures.filter((figure) => figure.group === group.key) ?? []);
</script>

<h2 class="text-[1rem] py-[0.2rem]">{group.name}</h2>
{#if editable}<PickPart {parts} fields={fields.map((field) => field.key)} {writing} />{/if}
{#each fields as field (field.key)}
    {#if field.kind === 'rows'}
        {@const idle = writing.worked.values[field.key]?.idle}
        {#if idle}<p class="small quiet">{field.label}: left aside, for {idle}.</p>{/if}
        <RowsField
            {field}
            {editable}
            own={Array.isArray(writing.typed[field.key]) ? (writing.typed[field.key] as never) : null}
            rows={writing.rows(field.key)}
            value={writing.worked.values[field.key]}
            {problems}
            onset={(rows) => writing.set(field.key, rows)}
        />
    {:else}
        <FieldRow
            {field}
            {editable}
            typed={writing.text(field.key)}
            value={writing.worked.values[field.key]}
            problem={problems[field.key]}
            aside={writing.worked.values[field.key]?.idle ?? ''}
            onset={(value) => writing.set(field.key, value)}
        />
    {/if}
{/each}
{#if figures.length > 0}
    <h2 class="figures text-[1rem] py-[0.2rem]">Computed</h2>
    {#each figures as figure (figure.key)}<FigureRow {figure} />{/each}
{/if}

<style>
    .figures {
        margin-top: 0.8rem;
    }
</style>
