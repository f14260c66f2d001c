<script lang="ts">
    import { inertia, page } from '@inertiajs/svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import Piece from '@/components/setback/Piece.svelte';
    import { Act } from '@/lib/act.svelte';
    import { day } from '@/lib/time';
    import { route } from '@/lib/address';
    import type { PiecesProps } from '@/lib/props';

    const { headline, stock, elsewhere, builds, kinds }: PiecesProps = $props();

    const act = new Act();
    const manager = $derived(page.props.viewer?.manager ?? false);
    // svelte-ignore state_referenced_locally
    let swap = $state({ build: builds[0]?.value ?? '', piece: 'neck', other: builds[1]?.value ?? '' });

    const change = () => ({ kind: 'swap', ...swap });
</script>

<svelte:head><title>Pieces · Regimen</title></svelte:head>

<h1>{headline}</h1>
<p class="quiet">
    Necks, fretboards, bodies and tops that have left the instrument they were made for, with what is done on them, what
    was measured, and their hours and timber.
</p>

<div class="mt-4">
    {#each stock as piece (piece.id)}<Piece {piece} {manager} />{:else}
        <p class="py-3">
            What is saved when something goes wrong lies here until an instrument takes it.
            <a use:inertia href={route('setbacks')}>What went wrong</a>
        </p>
    {/each}
</div>

{#if manager && builds.length > 1}
    <section class="mt-8 max-w-3xl">
        <h2>Two builds exchange a piece</h2>
        <p class="quiet">
            The one that is promised earlier gets the neck that is farther. Each takes along what is done on it and what
            is glued to it; what is fitted to the other piece is fitted again.
        </p>
        <form
            class="flex gap-3 items-end flex-wrap"
            onsubmit={(event) => {
                event.preventDefault();
                act.post(route('plan.try.with'), {
                    name: `${swap.build} and ${swap.other} exchange the ${swap.piece}`,
                    changes: [change()],
                });
            }}
        >
            <div class="w-56">
                <Field
                    name="build"
                    label="Build"
                    options={builds}
                    bind:value={swap.build}
                    error={act.ofChange('build')}
                />
            </div>
            <div class="w-36">
                <Field
                    name="piece"
                    label="Piece"
                    options={kinds}
                    bind:value={swap.piece}
                    error={act.ofChange('piece')}
                />
            </div>
            <div class="w-56">
                <Field
                    name="other"
                    label="With"
                    options={builds}
                    bind:value={swap.other}
                    error={act.ofChange('other')}
                />
            </div>
            <button class="do" type="submit" disabled={act.busy}>Try it beside the plan</button>
        </form>
        <ErrorLine
            text={act.other('changes.0.build', 'changes.0.piece', 'changes.0.other', 'build', 'piece', 'other')}
        />
    </section>
{/if}

{#if elsewhere.length > 0}
    <section class="mt-8">
        <h2>In other instruments, or written off</h2>
        {#each elsewhere as piece (piece.id)}
            <p class="border-t border-t-rule py-1">
                {piece.name}{piece.build ? `: in ${piece.build}` : piece.state === 'written-off' ? ': written off' : ''}
                <span class="quiet small">{piece.size}; {day(piece.at)}</span>
            </p>
        {/each}
    </section>
{/if}
