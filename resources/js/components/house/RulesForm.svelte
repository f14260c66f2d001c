<!-- Numbers that the house decides once: limits, tolerances, glue. -->
<script lang="ts">
    import { untrack } from 'svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import ShorterHold from './ShorterHold.svelte';
    import { route } from '@/lib/address';

    interface Props {
        version: number;
        /** Under which name they are sent; none for plain fields. */
        group: 'tolerances' | 'glue' | null;
        rows: { key: string; label: string; value: string; own?: boolean }[];
    }

    const { version, group, rows }: Props = $props();

    const act = new Act();
    const kept = (): Record<string, string> => Object.fromEntries(rows.map((row) => [row.key, row.value]));
    let values = $state(untrack(kept));
    let because = $state('');
    const changed = $derived(rows.some((row) => values[row.key] !== row.value));
    const errorOf = (key: string): string | undefined => act.errors[group === null ? key : `${group}.${key}`];

    function save(event: SubmitEvent): void {
        event.preventDefault();
        const data = Object.fromEntries(rows.map((row) => [row.key, values[row.key] ?? '']));
        act.send(
            'put',
            route('house.rules'),
            { version, because, ...(group === null ? data : { [group]: data }) },
            () => {
                values = kept();
                because = '';
            },
        );
    }
</script>

<form
    class="grid grid-cols-4 gap-y-[0.6rem] gap-x-[1.2rem] items-end justify-items-start pt-[0.3rem] max-desk:grid-cols-[1fr_1fr]"
    onsubmit={save}
    novalidate
>
    {#each rows as row (row.key)}
        <Field
            name={row.key}
            label={`${row.label}${row.own ? ' (the house’s own)' : ''}`}
            bind:value={() => values[row.key] ?? '', (value) => (values[row.key] = value)}
            error={errorOf(row.key)}
        />
    {/each}
    <button class="act" type="submit" disabled={!changed || act.busy}>Save</button>
    <ShorterHold bind:because error={act.errors.because} />
</form>

<style>
    form :global(.line) {
        width: 100%;
    }
</style>
