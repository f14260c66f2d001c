<!-- Photographs of a board, and what else is known of it. -->
<script lang="ts">
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';
    import type { BoardProps } from '@/lib/props';

    const { board, manager }: { board: BoardProps; manager: boolean } = $props();

    const photograph = new Act();
    const change = new Act();
    let caption = $state('');
    let open = $state(false);
    const standing = () => ({
        place: board.place,
        figure: board.figure,
        origin: board.origin,
        papers: board.papers,
        note: board.note,
    });
    let known = $state(standing());
</script>

{#if board.photographs.length > 0 || !board.gone}
    <section class="mt-6 border-t border-t-rule pt-3">
        <h2>Photographs</h2>
        {#if board.photographs.length > 0}
            <ol class="flex flex-wrap gap-3 mt-2">
                {#each board.photographs as one (one)}
                    <li data-photograph={one}>
                        <a href={route('photographs.one', one)}
                            ><img
                                class="h-32 w-auto"
                                src={route('photographs.small', one)}
                                loading="lazy"
                                alt={`Board ${board.id}, photograph ${one}`}
                            /></a
                        >
                    </li>
                {/each}
            </ol>
        {/if}
        {#if !board.gone}
            <div class="flex flex-wrap gap-3 items-end mt-2">
                <div class="w-80 max-w-full">
                    <Field
                        name="caption"
                        label="What it shows"
                        bind:value={caption}
                        error={photograph.errors.caption}
                    />
                </div>
                <label class="act inline-flex items-center cursor-pointer">
                    {photograph.busy ? 'Sending …' : 'Take or choose a photograph'}
                    <input
                        class="sr-only"
                        type="file"
                        name="photograph"
                        accept="image/jpeg,image/png,image/webp"
                        capture="environment"
                        disabled={photograph.busy}
                        onchange={(event) => {
                            const [file] = event.currentTarget.files ?? [];
                            if (file)
                                photograph.post(
                                    route('timber.photographs', board.id),
                                    { photograph: file, caption },
                                    () => (caption = ''),
                                );
                        }}
                    />
                </label>
            </div>
            <ErrorLine text={photograph.other('caption')} />
        {/if}
    </section>
{/if}

{#if manager && !board.gone}
    <p class="mt-4">
        <button
            class="word"
            type="button"
            aria-expanded={open}
            onclick={() => {
                open = !open;
                known = standing();
            }}>Change what is known of it</button
        >
    </p>
    {#if open}
        <form
            class="mt-2"
            onsubmit={(event) => {
                event.preventDefault();
                change.send(
                    'put',
                    route('timber.change', board.id),
                    { version: board.version, ...known },
                    () => (open = false),
                );
            }}
        >
            <div class="grid grid-cols-4 gap-3 max-desk:grid-cols-1">
                <Field name="place" label="Place" bind:value={known.place} error={change.errors.place} />
                <Field name="figure" label="Figure" bind:value={known.figure} error={change.errors.figure} />
                <Field name="origin" label="Origin" bind:value={known.origin} error={change.errors.origin} />
                <Field name="papers" label="Papers on file" bind:value={known.papers} error={change.errors.papers} />
            </div>
            <Field name="note" label="Note" bind:value={known.note} error={change.errors.note} />
            <button class="do mt-2" type="submit" disabled={change.busy}>Write it down</button>
            <ErrorLine text={change.other('place', 'figure', 'origin', 'papers', 'note')} />
        </form>
    {/if}
{/if}
