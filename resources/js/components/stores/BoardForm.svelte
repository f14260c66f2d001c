<!-- A board as it was bought. -->
<script lang="ts">
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';
    import type { Option } from '@/lib/props';

    const { species, cuts }: { species: string[]; cuts: Option[] } = $props();

    const act = new Act();
    // svelte-ignore state_referenced_locally
    let said = $state<Record<string, string>>({
        pieces: '',
        species: species[0] ?? '',
        length: '',
        width: '',
        thickness: '',
        cost: '',
        cut: 'flat-sawn',
        bought_on: '',
        supplier: '',
        place: '',
        figure: '',
        origin: '',
        papers: '',
        note: '',
        moisture: '',
        weight: '',
    });

    function send(event: SubmitEvent): void {
        event.preventDefault();
        act.post(route('timber.boards'), said);
    }
</script>

<form class="sheet mt-3" onsubmit={send}>
    <div class="grid grid-cols-4 gap-3 max-desk:grid-cols-2">
        <Field
            name="species"
            label="Timber"
            options={species.map((one) => ({ value: one, words: one }))}
            bind:value={said.species}
            error={act.errors.species}
        />
        <Field
            name="length"
            label="Length, rough"
            hint="2310, 7' 6&quot;, 14.5 bd ft"
            bind:value={said.length}
            error={act.errors.length}
        />
        <Field name="width" label="Width" hint="285, 11 1/4&quot;" bind:value={said.width} error={act.errors.width} />
        <Field
            name="thickness"
            label="Thickness"
            hint="52, 2&quot;"
            bind:value={said.thickness}
            error={act.errors.thickness}
        />
        <Field name="cut" label="How it was sawn" options={cuts} bind:value={said.cut} error={act.errors.cut} />
        <Field name="pieces" label="Pieces alike" hint="1" bind:value={said.pieces} error={act.errors.pieces} />
        <Field
            name="cost"
            label="Cost"
            hint="of all of them; 0 if free"
            bind:value={said.cost}
            error={act.errors.cost}
        />
        <Field
            name="moisture"
            label="Meter reads, %"
            hint="9.8"
            bind:value={said.moisture}
            error={act.errors.moisture}
        />
        <Field
            name="weight"
            label="Weighs, kg"
            hint="24.6, all of them"
            bind:value={said.weight}
            error={act.errors.weight}
        />
        <Field name="supplier" label="From" bind:value={said.supplier} error={act.errors.supplier} />
        <Field
            name="bought_on"
            label="Bought"
            type="date"
            hint="empty: today"
            past
            bind:value={said.bought_on}
            error={act.errors.bought_on}
        />
        <Field name="place" label="Where it lies" bind:value={said.place} error={act.errors.place} />
        <Field name="figure" label="Figure" bind:value={said.figure} error={act.errors.figure} />
        <Field name="origin" label="Origin" bind:value={said.origin} error={act.errors.origin} />
        <Field name="papers" label="Papers on file" bind:value={said.papers} error={act.errors.papers} />
    </div>
    <Field name="note" label="Note" type="textarea" rows={2} bind:value={said.note} error={act.errors.note} />
    <ErrorLine text={act.other(...Object.keys(said))} />
    <button class="do mt-2" type="submit" disabled={act.busy}>Take it in</button>
</form>
