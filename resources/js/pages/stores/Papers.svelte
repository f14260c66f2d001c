<script lang="ts">
    import { inertia, page } from '@inertiajs/svelte';
    import PapersRow from '@/components/stores/PapersRow.svelte';
    import { route } from '@/lib/address';
    import type { PapersProps } from '@/lib/props';

    const { headline, boards, builds }: PapersProps = $props();

    const manager = $derived(page.props.viewer?.manager ?? false);
</script>

<svelte:head><title>Papers · Regimen</title></svelte:head>

<p class="small quiet"><a use:inertia href={route('timber')}>Boards</a> · papers</p>
<h1>{headline}</h1>
<p class="quiet">
    Timbers and shell that are protected in places (CITES). What stands here is what is on file. Whether it is enough to
    buy, sell or cross a border the authority decides: ask it before.
</p>

<section class="sheet mt-5">
    <h2>In stock</h2>
    {#each boards as one (one.id)}
        <p class="border-t border-t-rule py-1 flex flex-wrap gap-x-4" data-papers-board={one.id}>
            <span class="grow"
                ><a class="plain" use:inertia href={route('timber.one', one.id)}
                    ><b class="figure">{one.id}</b> {one.words}</a
                >{one.origin ? `, from ${one.origin}` : ''}</span
            >
            {#if one.papers}<span>{one.papers}</span>{:else}<span class="tight">no paper on file</span>{/if}
        </p>
    {:else}
        <p class="quiet">No board of a protected timber is in the shop.</p>
    {/each}
</section>

<section class="sheet mt-5">
    <h2>In instruments</h2>
    {#each builds as one (one.number)}
        <PapersRow build={one} {manager} />
    {:else}
        <p class="quiet">No instrument has protected timber or shell in it.</p>
    {/each}
</section>
