<!-- What somebody at the bench has said is wrong, until it is settled. -->
<script lang="ts">
    import { inertia, page } from '@inertiajs/svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { when } from '@/lib/bench';
    import { route } from '@/lib/address';
    import type { WrongNote } from '@/lib/props';

    const { note }: { note: WrongNote } = $props();

    const act = new Act();
    let open = $state(false);
    let because = $state('');

    function settle(event: SubmitEvent): void {
        event.preventDefault();
        act.post(route('notes.settle', note.id), { because }, () => (open = false));
    }
</script>

<div class="border-l-4 border-l-rust pl-3 my-2">
    <a class="plain" use:inertia href={route('builds.show', note.build) + `#operation-${note.operationId}`}
        ><b>{note.build}</b>
        {note.operation}: {note.text} <span class="quiet small">{note.by}, {when(note.at)}</span></a
    >
    {#if page.props.viewer?.manager}
        <button class="word" type="button" aria-expanded={open} onclick={() => (open = !open)}>Settle it</button>
        {#if open}
            <form class="flex gap-3 items-end flex-wrap" onsubmit={settle}>
                <div class="w-80">
                    <Field name="because" label="What was decided" bind:value={because} error={act.errors.because} />
                </div>
                <button class="do mb-1" type="submit" disabled={act.busy || because.trim() === ''}>Settled</button>
            </form>
        {/if}
    {/if}
</div>
