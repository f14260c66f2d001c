<!-- A piece in stock: what it is, what is done on it, and where it would fit. -->
<script lang="ts">
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { labour } from '@/lib/time';
    import { route } from '@/lib/address';
    import type { PieceLine } from '@/lib/props';

    const { piece, manager }: { piece: PieceLine; manager: boolean } = $props();

    const act = new Act();
    // svelte-ignore state_referenced_locally
    let place = $state(piece.place);
    let because = $state('');
    let open = $state<'' | 'place' | 'write-off'>('');

    const change = (build: string) => ({ kind: 'piece', piece: piece.id, build });
</script>

<article class="border-t border-t-rule py-3" data-piece={piece.id}>
    <h2>{piece.name}</h2>
    <p>{piece.size}{piece.place ? `; lies at: ${piece.place}` : ''}</p>
    <p class="quiet small">
        Done on it: {piece.done}. <span class="figure">{labour(piece.minutes)}</span>{piece.money
            ? `, ${piece.money} with its timber`
            : ''}{piece.measured.length > 0 ? `. Measured: ${piece.measured.join(', ')}` : ''}.
    </p>
    {#each piece.fits as one (one.value)}
        <p class="mt-1">
            Fits {one.words}.
            {#if manager}
                <button
                    class="act ml-2"
                    type="button"
                    disabled={act.busy}
                    onclick={() =>
                        act.post(route('plan.try.with'), {
                            name: `${piece.name} into ${one.value}`.slice(0, 78),
                            changes: [change(one.value)],
                        })}>Try it</button
                >
                <button class="act" type="button" disabled={act.busy} onclick={() => act.change(change(one.value))}
                    >Put it into {one.value}</button
                >
            {/if}
        </p>
    {:else}
        <p class="mt-1 quiet">It fits no build that is in the making and has none yet.</p>
    {/each}
    {#each piece.not.slice(0, 3) as one (one)}<p class="small quiet">Not {one}</p>{/each}
    <ErrorLine text={act.other('place', 'because')} />
    {#if manager}
        <p class="flex gap-4 mt-1">
            <button
                class="word"
                type="button"
                aria-expanded={open === 'place'}
                onclick={() => (open = open === 'place' ? '' : 'place')}>where it lies</button
            >
            <button
                class="word"
                type="button"
                aria-expanded={open === 'write-off'}
                onclick={() => (open = open === 'write-off' ? '' : 'write-off')}>write it off</button
            >
        </p>
        {#if open !== ''}
            <form
                class="flex gap-3 items-end"
                onsubmit={(event) => {
                    event.preventDefault();
                    act.send(
                        'put',
                        route('pieces.one', piece.id),
                        open === 'place' ? { version: piece.version, place } : { version: piece.version, because },
                        () => (open = ''),
                    );
                }}
            >
                <div class="w-72">
                    {#if open === 'place'}
                        <Field name="place" label="Where it lies" bind:value={place} error={act.errors.place} />
                    {:else}
                        <Field
                            name="because"
                            label="Why it is written off"
                            bind:value={because}
                            error={act.errors.because}
                        />
                    {/if}
                </div>
                <button class="do" type="submit" disabled={act.busy || (open === 'write-off' && because.trim() === '')}
                    >Save</button
                >
            </form>
        {/if}
    {/if}
</article>
