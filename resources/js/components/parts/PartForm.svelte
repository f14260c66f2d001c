<!-- A part of the catalogue: what it is, where it lies, how it is charged. -->
<script lang="ts">
    import { untrack } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';
    import type { Option, PartProps } from '@/lib/props';

    interface Props {
        /** Without one it is a new part. */
        part?: PartProps;
        groups: Option[];
        prices: Option[];
        units: string[];
        others?: Option[];
        done?: () => void;
    }

    const { part, groups, prices, units, others = [], done = () => {} }: Props = $props();

    const act = new Act();
    let said = $state(
        untrack(() => ({
            name: part?.name ?? '',
            group: part?.group ?? groups[0]?.value ?? '',
            unit: part?.unit ?? units[0] ?? '',
            place: part?.place ?? '',
            price_key: part?.priceKey ?? '',
            least: part?.least ?? '',
            note: part?.note ?? '',
        })),
    );
    let byUse = $state(untrack(() => part?.byUse ?? true));
    let alternatives = $state(untrack(() => part?.alternatives.map(String) ?? []));

    function send(event: SubmitEvent): void {
        event.preventDefault();
        const values = { ...said, by_use: byUse, alternatives };
        if (part) act.send('put', route('stores.parts.change', part.id), { ...values, version: part.version }, done);
        else act.post(route('stores.catalogue'), values, done);
    }
</script>

<form class="mt-3" onsubmit={send} novalidate>
    <div class="grid grid-cols-4 gap-3 items-end max-desk:grid-cols-2">
        <Field name="name" label="Name" bind:value={said.name} error={act.errors.name} />
        <Field name="group" label="Kind" options={groups} bind:value={said.group} error={act.errors.group} />
        <Field
            name="unit"
            label="Counted by the"
            options={units.includes(said.unit)
                ? units.map((one) => ({ value: one, words: one }))
                : [{ value: said.unit, words: said.unit }, ...units.map((one) => ({ value: one, words: one }))]}
            bind:value={said.unit}
            error={act.errors.unit}
        />
        <Field name="place" label="Drawer" bind:value={said.place} error={act.errors.place} />
        <Field
            name="price_key"
            label="Fits in the place of"
            options={prices}
            bind:value={said.price_key}
            error={act.errors.price_key}
        />
        <Field name="least" label="Keep at least" hint={said.unit} bind:value={said.least} error={act.errors.least} />
        <Field name="note" label="Note" bind:value={said.note} error={act.errors.note} />
        <label class="flex gap-2 items-center min-h-11"
            ><input type="checkbox" bind:checked={byUse} />Charged to the build it is used for</label
        >
    </div>
    {#if others.length > 0}
        <fieldset class="mt-2">
            <legend class="quiet small">Can be replaced by</legend>
            <div class="flex flex-wrap gap-x-5">
                {#each others.slice(0, 24) as one (one.value)}
                    <label class="flex gap-2 items-center min-h-9"
                        ><input type="checkbox" value={one.value} bind:group={alternatives} />{one.words}</label
                    >
                {/each}
            </div>
        </fieldset>
    {/if}
    <button class="do mt-3" type="submit" disabled={act.busy}>Save</button>
    <ErrorLine text={act.other('name', 'group', 'unit', 'place', 'price_key', 'least', 'note')} />
</form>
