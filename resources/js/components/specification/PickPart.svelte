<!-- A part of the catalogue gives its figures to the specification: as they were measured, not as its data sheet says. -->
<script lang="ts">
    import Field from '@/components/Field.svelte';
    import type { PartToPick } from '@/lib/props';
    import type { Writing } from '@/lib/writing.svelte';

    interface Props {
        parts: PartToPick[];
        /** Keys of what is asked for here. */
        fields: string[];
        writing: Writing;
    }

    const { parts, fields, writing }: Props = $props();

    let chosen = $state('');
    let row = $state('0');
    let said = $state('');
    const there = $derived(
        parts.filter((one) => Object.keys(one.fields).some((path) => fields.includes(path.split('.')[0] ?? ''))),
    );
    const part = $derived(there.find((one) => String(one.id) === chosen));
    const inRows = $derived(part !== undefined && Object.keys(part.fields).some((path) => path.includes('.')));
    const rows = $derived(
        inRows
            ? writing.rows('pickups').map((_, index) => ({ value: String(index), words: `pickup ${index + 1}` }))
            : [],
    );

    function take(): void {
        if (part === undefined) return;
        writing.apply(
            Object.fromEntries(
                Object.entries(part.fields).map(([path, value]) => [path.replace(/\.0\./, `.${row}.`), value]),
            ),
        );
        said = `${part.name}: ${part.words}`;
        chosen = '';
    }
</script>

{#if there.length > 0}
    <div class="flex flex-wrap gap-2 items-end pb-2" data-pick>
        <div class="grow">
            <Field
                name="pick"
                label="From the catalogue"
                options={[
                    { value: '', words: 'a part' },
                    ...there.map((one) => ({ value: String(one.id), words: `${one.name}: ${one.words}` })),
                ]}
                bind:value={chosen}
            />
        </div>
        {#if rows.length > 1}<div class="w-28">
                <Field name="pick-row" label="As" options={rows} bind:value={row} />
            </div>{/if}
        <button class="act" type="button" disabled={part === undefined} onclick={take}>Take its figures</button>
        {#if said}<p class="small quiet w-full" role="status">Taken: {said}.</p>{/if}
    </div>
{/if}
