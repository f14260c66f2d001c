<!-- An instrument with protected timber or shell, and the papers that are on file for it. -->
<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';
    import type { PapersBuild } from '@/lib/props';

    const { build, manager }: { build: PapersBuild; manager: boolean } = $props();

    const act = new Act();
    let open = $state(false);
    let papers = $state('');
</script>

<div class="border-t border-t-rule py-1" data-papers-build={build.number}>
    <div class="flex flex-wrap gap-x-4 items-baseline">
        <span class="grow"
            ><a class="plain" use:inertia href={route('builds.show', build.number)}
                ><b class="figure">{build.number}</b> {build.title}</a
            >: {build.what}
            {#each build.lots as lot (lot)}<span class="quiet small block">{lot}</span>{/each}</span
        >
        {#if build.papers}<span>{build.papers}</span>{:else}<span class="tight">no paper on file</span>{/if}
        {#if manager}
            <button
                class="word"
                type="button"
                aria-expanded={open}
                onclick={() => {
                    open = !open;
                    papers = build.papers;
                }}>{build.papers ? 'change' : 'write them down'}</button
            >
        {/if}
    </div>
    {#if open}
        <form
            class="flex flex-wrap gap-3 items-end mt-2"
            onsubmit={(event) => {
                event.preventDefault();
                act.send(
                    'put',
                    route('timber.papers.keep', build.number),
                    { version: build.version, papers },
                    () => (open = false),
                );
            }}
        >
            <div class="w-96 max-w-full">
                <Field name="papers" label="Papers on file" bind:value={papers} error={act.errors.papers} />
            </div>
            <button class="do" type="submit" disabled={act.busy}>Write it down</button>
        </form>
    {/if}
    <ErrorLine text={act.other('papers')} />
</div>
