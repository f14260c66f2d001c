<script lang="ts">
    import FieldRow from '@/components/specification/FieldRow.svelte';
    import RowsField from '@/components/specification/RowsField.svelte';
    import type { FieldDefinition, FieldGroup, ShownValue } from '@/lib/props';
    import type { Row, Typed } from '@/lib/typed';

    interface Props {
        specification: Typed;
        fields: FieldGroup[];
        values: Record<string, ShownValue>;
        problems: Record<string, string>;
        onset: (key: string, value: string | Row[]) => void;
    }

    const { specification, fields, values, problems, onset }: Props = $props();

    /** What has to be known for hours, parts and a date; everything else has its own page. */
    const ASKED = [
        {
            name: 'Scale and neck',
            keys: [
                'type',
                'strings',
                'hand',
                'scale',
                'scaleTreble',
                'squareFret',
                'frets',
                'nutWidth',
                'neckTimber',
                'boardTimber',
                'joint',
                'radius',
                'headstock',
                'stringMaterial',
            ],
        },
        { name: 'Body', keys: ['body', 'outline', 'layers', 'bridge'] },
        {
            name: 'Box',
            keys: [
                'backTimber',
                'sideTimber',
                'boxDepthTail',
                'boxDepthNeck',
                'bracing',
                'rosette',
                'bodyBinding',
                'purfling',
            ],
        },
        { name: 'Electronics and finish', keys: ['pickups', 'electronics', 'finish', 'colour'] },
        { name: 'What the client wants', keys: ['wishes', 'targetWeight', 'budget'] },
    ];

    const all = $derived(new Map(fields.flatMap((group) => group.fields).map((field) => [field.key, field])));
    const sections = $derived(
        ASKED.map(({ name, keys }) => ({
            name,
            fields: keys
                .map((key) => all.get(key))
                .filter((field): field is FieldDefinition => field !== undefined)
                .filter((field) => !values[field.key]?.idle || specification[field.key] !== undefined),
        })).filter((section) => section.name !== 'Box' || values['boxDepthTail']?.idle === null),
    );

    const text = (key: string): string => {
        const typed = specification[key];
        return typeof typed === 'string' ? typed : '';
    };
    const own = (key: string): Row[] | null => {
        const typed = specification[key];
        return Array.isArray(typed) ? typed : null;
    };
</script>

{#each sections as section (section.name)}
    <section>
        <h2>{section.name}</h2>
        <div class="rows">
            {#each section.fields as field (field.key)}
                <div class={[(field.kind === 'rows' || field.kind === 'prose') && 'wide']}>
                    {#if field.kind === 'rows'}
                        <RowsField
                            {field}
                            own={own(field.key)}
                            rows={own(field.key) ?? values[field.key]?.rows ?? []}
                            value={values[field.key]}
                            {problems}
                            onset={(rows) => onset(field.key, rows)}
                        />
                    {:else}
                        <FieldRow
                            {field}
                            typed={text(field.key)}
                            value={values[field.key]}
                            problem={problems[field.key]}
                            onset={(value) => onset(field.key, value)}
                        />
                    {/if}
                </div>
            {/each}
        </div>
    </section>
{/each}

<style>
    .rows {
        display: grid;
        grid-template-columns: repeat(2, minmax(0, 1fr));
        gap: 0 2rem;
    }

    .wide {
        grid-column: 1 / -1;
    }

    @media (width < 60rem) {
        .rows {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
