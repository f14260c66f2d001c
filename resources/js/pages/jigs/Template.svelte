<script lang="ts">
    import { inertia, page } from '@inertiajs/svelte';
    import { untrack } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import FileField from '@/components/FileField.svelte';
    import MarkedDrawing from '@/components/bench/MarkedDrawing.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';
    import type { TemplateProps } from '@/lib/props';

    const props: TemplateProps = $props();

    const manager = $derived(page.props.viewer?.manager ?? false);
    const act = new Act();
    const checking = new Act();
    const damaging = new Act();
    const using = new Act();
    const keeping = new Act();
    const filing = new Act();
    const picturing = new Act();
    let words = $state('');
    let where = $state('');
    let build = $state(untrack(() => props.builds[0]?.value ?? ''));
    let said = $state(untrack(() => ({ name: props.name, made_of: props.madeOf, place: props.place, bit: props.bit })));
    const none = [{ value: '', words: 'none' }];

    function check(good: boolean): void {
        checking.post(route('templates.check', props.id), { version: props.version, good, words }, () => (words = ''));
    }
</script>

<svelte:head><title>{`Template ${props.id} · Regimen`}</title></svelte:head>

<p class="small quiet">
    <a class="target" use:inertia href={route('stores')}>Stores</a> ·
    <a class="target" use:inertia href={route('templates')}>templates</a>
</p>
<h1 class={[props.trouble && 'late']}>{props.headline}</h1>
<p class="quiet">{props.facts.join(' · ')}</p>
{#if props.since.length > 0}
    <p class="late mt-2" data-since>Used since its last check, so look at: {props.since.join(', ')}.</p>
{:else if props.trouble}
    <p class="mt-2" data-since>It was used on nothing since its last check.</p>
{/if}

<div class="grid grid-cols-[minmax(0,3fr)_minmax(0,2fr)] gap-10 mt-4 items-start max-desk:grid-cols-1">
    <div>
        {#if props.drawing}
            <MarkedDrawing drawing={props.drawing} words={`${props.name} at 1:1 in its file`} />
            {#if props.compared}<p class="mt-2" data-compared>{props.compared}</p>{/if}
        {/if}
        {#if props.fits.length > 0}
            <h2 class="mt-5">Which builds it serves</h2>
            <ul>
                {#each props.fits as one (one.build)}
                    <li class="border-t border-t-rule py-2" data-fit={one.build}>
                        <b>{one.build} {one.title}</b>
                        <span class={['block small', !one.fits && 'quiet']}>{one.words}</span>
                        {#if one.drawn}
                            <a
                                class="target small"
                                use:inertia
                                href={`${route('templates.one', props.id)}?build=${one.build}`}>See both lines</a
                            >
                        {/if}
                    </li>
                {/each}
            </ul>
        {/if}
        {#if props.history.length > 0}
            <h2 class="mt-5">What was done with it</h2>
            <ul>
                {#each props.history as line, index (index)}<li class="small border-t border-t-rule py-1">
                        {line}
                    </li>{/each}
            </ul>
        {/if}
    </div>
    <div>
        {#if !props.retired}
            <section class="sheet">
                <h2>Tried on scrap</h2>
                <Field name="words" label="How it came out" bind:value={words} error={checking.errors.words} />
                <p class="flex flex-wrap gap-3 mt-2">
                    <button class="do" type="button" disabled={checking.busy} onclick={() => check(true)}>Good</button>
                    <button class="act" type="button" disabled={checking.busy} onclick={() => check(false)}
                        >Not good</button
                    >
                </p>
                <ErrorLine text={checking.other('words')} />
            </section>
            <form
                class="sheet mt-5"
                novalidate
                onsubmit={(event) => {
                    event.preventDefault();
                    using.post(route('templates.uses', props.id), { version: props.version, build });
                }}
            >
                <h2>Used</h2>
                <Field name="build" label="On" bind:value={build} error={using.errors.build} options={props.builds} />
                <p class="mt-2"><button class="act" type="submit" disabled={using.busy}>Write it down</button></p>
                <ErrorLine text={using.other('build')} />
            </form>
            {#if !props.trouble}
                <form
                    class="sheet mt-5"
                    novalidate
                    onsubmit={(event) => {
                        event.preventDefault();
                        damaging.post(
                            route('templates.damage', props.id),
                            { version: props.version, where },
                            () => (where = ''),
                        );
                    }}
                >
                    <h2>It is damaged</h2>
                    <Field
                        name="where"
                        label="Where"
                        bind:value={where}
                        error={damaging.errors.where}
                        hint="dipped at the waist, bass side"
                    />
                    <p class="mt-2">
                        <button class="act" type="submit" disabled={damaging.busy}>Mark it as damaged</button>
                    </p>
                    <ErrorLine text={damaging.other('where')} />
                </form>
            {/if}
        {/if}
        <form
            class="sheet mt-5"
            novalidate
            onsubmit={(event) => {
                event.preventDefault();
                keeping.send('put', route('templates.one', props.id), { ...said, version: props.version });
            }}
        >
            <h2>What is known of it</h2>
            <Field name="name" label="Name" bind:value={said.name} error={keeping.errors.name} />
            <Field name="made_of" label="Of" bind:value={said.made_of} error={keeping.errors.made_of} />
            <Field name="place" label="It lies" bind:value={said.place} error={keeping.errors.place} />
            <Field
                name="bit"
                label="Bit"
                bind:value={said.bit}
                error={keeping.errors.bit}
                options={[...none, ...props.bits]}
            />
            <p class="mt-2"><button class="act" type="submit" disabled={keeping.busy}>Save</button></p>
            <ErrorLine text={keeping.other('name', 'made_of', 'place', 'bit')} />
        </form>
        <section class="sheet mt-5">
            <h2>Photographs and files</h2>
            <div class="flex flex-wrap gap-3">
                {#each props.photographs as id (id)}
                    <img class="w-32" src={route('photographs.one', id)} alt={`Photograph ${id} of ${props.name}`} />
                {/each}
            </div>
            <FileField
                words="A photograph"
                accept={['image/jpeg', 'image/png', 'image/webp']}
                error={picturing.errors.photograph}
                onfile={(photograph) =>
                    picturing.post(route('templates.photographs', props.id), { photograph, caption: '' })}
            />
            <ErrorLine text={picturing.other('photograph')} />
            <ul class="mt-3">
                {#each props.files as one (one.id)}
                    <li class="border-t border-t-rule py-1">
                        <a class="target" href={route('templates.file', one.id)} download={one.name}>{one.name}</a>
                        <span class="small quiet">{one.size}, kept as it came and never run here</span>
                    </li>
                {/each}
            </ul>
            {#if manager}
                <FileField
                    words="A drawing or a machine’s file"
                    accept={['.svg', '.dxf', '.nc', '.gcode', '.tap', '.txt', '.pdf']}
                    error={filing.errors.file}
                    onfile={(file) => filing.post(route('templates.files', props.id), { file })}
                />
                <ErrorLine text={filing.other('file')} />
            {/if}
        </section>
        {#if manager && !props.retired}
            <p class="mt-4">
                <button
                    class="word"
                    type="button"
                    disabled={act.busy}
                    onclick={() => act.post(route('templates.retire', props.id), { version: props.version })}
                    >It is not used any more</button
                >
            </p>
            <ErrorLine text={act.other()} />
        {/if}
    </div>
</div>
