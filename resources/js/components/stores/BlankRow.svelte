<!-- A blank that is reserved for its build; it is read here again, and goes back into stock. -->
<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';
    import type { BlankLine } from '@/lib/props';

    const { blank, manager }: { blank: BlankLine; manager: boolean } = $props();

    const act = new Act();
    let open = $state(false);
    let moisture = $state('');
</script>

<div class="border-t border-t-rule py-1" data-blank={blank.id}>
    <div class="flex flex-wrap gap-x-4 items-baseline">
        <span class="grow"
            ><b class="figure">{blank.id}</b> for the {blank.what} of
            <a class="plain" use:inertia href={route('builds.show', blank.build)}
                ><b class="figure">{blank.build}</b> {blank.title}</a
            >: {blank.species}
            <span class="quiet small">{blank.size}, from board {blank.board}</span></span
        >
        <span class:tight={!blank.ready}>{blank.settled}</span>
        <span class="figure">{blank.money ?? ''}</span>
        <button class="word" type="button" aria-expanded={open} onclick={() => (open = !open)}>read it again</button>
        {#if manager}
            <button
                class="word"
                type="button"
                disabled={act.busy}
                onclick={() => act.post(route('timber.blanks.free', blank.id))}>back into stock</button
            >
        {/if}
    </div>
    {#if open}
        <form
            class="flex gap-3 items-end mt-2"
            onsubmit={(event) => {
                event.preventDefault();
                act.post(route('timber.blanks.readings', blank.id), { moisture }, () => {
                    moisture = '';
                    open = false;
                });
            }}
        >
            <div class="w-40">
                <Field name="moisture" label="Meter reads, %" bind:value={moisture} error={act.errors.moisture} />
            </div>
            <button class="do" type="submit" disabled={act.busy}>Write it down</button>
        </form>
    {/if}
    <ErrorLine text={act.other('moisture')} />
</div>
