<script lang="ts">
    import Field from '@/components/Field.svelte';
    import type { TypedSpecification } from './typed';

    interface Props {
        specification: TypedSpecification;
        timbers: { name: string }[];
        problem: (field: string) => string | undefined;
        /** What the server has computed from the last specification that could be built. */
        shown: { lastFret: string; bodyThickness: string } | null;
    }

    let { specification = $bindable(), timbers, problem, shown }: Props = $props();

    const timberOptions = $derived(timbers.map((timber) => ({ value: timber.name, words: timber.name })));

    function addLayer(): void {
        specification.layers = [...specification.layers, { timber: 'red alder', thickness: '' }];
    }

    function dropLayer(index: number): void {
        specification.layers = specification.layers.filter((_, at) => at !== index);
    }

    function changeType(): void {
        const bass = specification.type === 'bass';
        specification.strings = bass ? '4' : '6';
        specification.scale = bass ? '34"' : '25 1/2"';
        specification.nutWidth = bass ? '1 1/2"' : '43';
    }
</script>

<section>
    <h2>Scale and neck</h2>
    <div class="fields four">
        <Field
            name="type"
            label="Instrument"
            bind:value={specification.type}
            error={problem('type')}
            oninput={changeType}
            options={[
                { value: 'guitar', words: 'guitar' },
                { value: 'bass', words: 'bass' },
            ]}
        />
        <Field name="strings" label="Strings" bind:value={specification.strings} error={problem('strings')} />
        <Field
            name="hand"
            label="Hand"
            bind:value={specification.hand}
            error={problem('hand')}
            options={[
                { value: 'right', words: 'right' },
                { value: 'left', words: 'left' },
            ]}
        />
        <Field name="scale" label="Scale" bind:value={specification.scale} error={problem('scale')} />
        <Field name="frets" label="Frets" bind:value={specification.frets} error={problem('frets')} />
        <Field name="nutWidth" label="Nut width" bind:value={specification.nutWidth} error={problem('nutWidth')} />
        <Field
            name="boardLength"
            label="Board length"
            bind:value={specification.boardLength}
            error={problem('boardLength')}
            hint={shown ? `empty: last fret + 8 mm; it lies at ${shown.lastFret}` : 'empty: last fret + 8 mm'}
        />
        <Field
            name="joint"
            label="Neck joint"
            bind:value={specification.joint}
            error={problem('joint')}
            options={[
                { value: 'bolt-on', words: 'bolt-on' },
                { value: 'set', words: 'set' },
            ]}
        />
        <Field
            name="neckTimber"
            label="Neck timber"
            bind:value={specification.neckTimber}
            error={problem('neckTimber')}
            options={timberOptions}
        />
        <Field
            name="boardTimber"
            label="Board timber"
            bind:value={specification.boardTimber}
            error={problem('boardTimber')}
            options={timberOptions}
        />
    </div>
</section>

<section>
    <h2>Body</h2>
    <div class="fields four">
        <Field
            name="body"
            label="Construction"
            bind:value={specification.body}
            error={problem('body')}
            options={[
                { value: 'solid', words: 'solid' },
                { value: 'chambered', words: 'chambered' },
            ]}
        />
    </div>
    {#each specification.layers as layer, index (index)}
        <div class="fields layer">
            <Field
                name={`layers.${index}.timber`}
                label={specification.layers.length === 1 ? 'Timber' : index === 0 ? 'Top layer' : `Layer ${index + 1}`}
                bind:value={layer.timber}
                error={problem(`layers.${index}.timber`)}
                options={timberOptions}
            />
            <Field
                name={`layers.${index}.thickness`}
                label="Thickness"
                bind:value={layer.thickness}
                error={problem(`layers.${index}.thickness`)}
            />
            {#if specification.layers.length > 1}
                <button class="word" type="button" onclick={() => dropLayer(index)}>Drop layer {index + 1}</button>
            {/if}
        </div>
    {/each}
    {#if problem('layers')}<p class="late small" role="alert">{problem('layers')}</p>{/if}
    <p>
        {#if specification.layers.length < 6}<button class="word" type="button" onclick={addLayer}>Add a layer under these</button>{/if}
        {#if shown}<span class="quiet small">together {shown.bodyThickness}</span>{/if}
    </p>
</section>

<section>
    <h2>Finish and electronics</h2>
    <div class="fields four">
        <Field
            name="finish"
            label="Finish"
            bind:value={specification.finish}
            error={problem('finish')}
            options={[
                { value: 'wiping-oil', words: 'wiping oil' },
                { value: 'nitrocellulose', words: 'nitrocellulose lacquer' },
            ]}
        />
        <Field name="colour" label="Colour, if any" bind:value={specification.colour} error={problem('colour')} hint="empty: natural" />
        <Field name="pickups" label="Pickups" bind:value={specification.pickups} error={problem('pickups')} />
    </div>
    <div class="fields two">
        <Field
            name="electronics"
            label="Pickups and electronics in words"
            type="textarea"
            rows={2}
            bind:value={specification.electronics}
            error={problem('electronics')}
        />
        <Field
            name="wishes"
            label="Wishes, in the client’s words"
            type="textarea"
            rows={2}
            bind:value={specification.wishes}
            error={problem('wishes')}
        />
    </div>
</section>

<style>
    .layer .word {
        align-self: end;
    }

    p .word {
        margin-right: 1rem;
    }
</style>
