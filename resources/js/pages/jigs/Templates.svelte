<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import { untrack } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';
    import type { TemplatesProps } from '@/lib/props';

    const { headline, templates, bits, builds, shapes }: TemplatesProps = $props();

    const making = new Act();
    const noting = new Act();
    const act = new Act();
    const bitting = new Act();
    const none = [{ value: '', words: 'none' }];
    const emptyTemplate = { name: '', made_of: '', place: '', bit: '' };
    let said = $state(
        untrack(() => ({ ...emptyTemplate, shape: shapes[0]?.value ?? '', build: builds[0]?.value ?? '' })),
    );
    let once = $state({ name: '', place: '', build: '' });
    let bit = $state({ name: '', most: '' });
</script>

<svelte:head><title>Templates · Regimen</title></svelte:head>

<p class="small quiet"><a class="target" use:inertia href={route('stores')}>Stores</a> · templates and bits</p>
<h1>{headline}</h1>
<p class="quiet">
    What bodies, necks and boards are cut along: after which specification it was made, for which hand, where it lies,
    and who checked it on scrap. A template is compared with every build in the making.
</p>

<div class="grid grid-cols-[minmax(0,3fr)_minmax(0,2fr)] gap-10 mt-4 items-start max-desk:grid-cols-1">
    <section class="sheet">
        <h2>In the shop</h2>
        <ul>
            {#each templates as one (one.id)}
                <li
                    class="border-t border-t-rule py-[0.35rem] flex flex-wrap gap-x-4 gap-y-1 items-baseline"
                    data-template={one.id}
                >
                    <a class="target grow" use:inertia href={route('templates.one', one.id)}
                        ><b>{one.id} · {one.name}</b></a
                    >
                    <span class="small quiet">{one.what}{one.place ? `, ${one.place}` : ''}</span>
                    <span class={['small', one.trouble ? 'late' : 'quiet']}>{one.standing}</span>
                </li>
            {:else}
                <li class="quiet border-t border-t-rule py-2">
                    Write down the first one, with the number that you paint on it.
                </li>
            {/each}
        </ul>
        <h2 class="mt-6">Bits</h2>
        <ul>
            {#each bits as one (one.id)}
                <li class="border-t border-t-rule py-[0.35rem] flex flex-wrap gap-x-4 items-center" data-bit={one.name}>
                    <span class="grow"><b>{one.name}</b></span>
                    <span class={['small', one.dull ? 'late' : 'quiet']}>{one.words}</span>
                    <button
                        class="act"
                        type="button"
                        disabled={act.busy}
                        onclick={() => act.post(route('bits.sharpened', one.id), { version: one.version })}
                        >Sharpened or changed</button
                    >
                </li>
            {/each}
        </ul>
        <ErrorLine text={act.other()} />
        <form
            class="grid grid-cols-[2fr_1fr_auto] gap-4 mt-2 items-start max-md:grid-cols-1"
            novalidate
            onsubmit={(event) => {
                event.preventDefault();
                bitting.post(route('bits'), bit, () => (bit = { name: '', most: '' }));
            }}
        >
            <Field name="bit-name" label="A bit" bind:value={bit.name} error={bitting.errors.name} />
            <Field
                name="most"
                label="Sharpened after, m"
                bind:value={bit.most}
                error={bitting.errors.most}
                hint="as the house has found"
            />
            <button class="act mt-5" type="submit" disabled={bitting.busy}>Add</button>
        </form>
    </section>
    <div>
        <section class="sheet">
            <h2>A template was made</h2>
            <form
                class="grid grid-cols-2 gap-4 mt-2 items-start max-md:grid-cols-1"
                novalidate
                onsubmit={(event) => {
                    event.preventDefault();
                    making.post(route('templates'), said);
                }}
            >
                <Field name="name" label="Name" bind:value={said.name} error={making.errors.name} />
                <Field
                    name="shape"
                    label="The shape of"
                    bind:value={said.shape}
                    error={making.errors.shape}
                    options={shapes}
                />
                <Field
                    name="build"
                    label="After the specification of"
                    bind:value={said.build}
                    error={making.errors.build}
                    options={builds}
                />
                <Field name="made_of" label="Of" bind:value={said.made_of} error={making.errors.made_of} />
                <Field name="place" label="It lies" bind:value={said.place} error={making.errors.place} />
                <Field
                    name="bit"
                    label="Bit"
                    bind:value={said.bit}
                    error={making.errors.bit}
                    options={[...none, ...bits.map((one) => ({ value: String(one.id), words: one.name }))]}
                />
                <p class="col-span-full"><button class="do" type="submit" disabled={making.busy}>Keep it</button></p>
                <ErrorLine text={making.other('name', 'shape', 'build', 'made_of', 'place', 'bit')} />
            </form>
        </section>
        <section class="sheet mt-5">
            <h2>Something for a single use</h2>
            <form
                class="grid grid-cols-2 gap-4 mt-2 items-start max-md:grid-cols-1"
                novalidate
                onsubmit={(event) => {
                    event.preventDefault();
                    noting.post(route('templates.once'), once, () => (once = { name: '', place: '', build: '' }));
                }}
            >
                <Field
                    name="once-name"
                    label="What"
                    bind:value={once.name}
                    error={noting.errors.name}
                    hint="caul for the waist"
                />
                <Field name="once-place" label="It lies" bind:value={once.place} error={noting.errors.place} />
                <Field
                    name="once-build"
                    label="For"
                    bind:value={once.build}
                    error={noting.errors.build}
                    options={[...none, ...builds]}
                />
                <p class="mt-5"><button class="act" type="submit" disabled={noting.busy}>Note it</button></p>
                <ErrorLine text={noting.other('name', 'place', 'build')} />
            </form>
        </section>
    </div>
</div>
