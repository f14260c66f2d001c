<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';
    import type { LabelsProps } from '@/lib/props';

    const { labels, printer }: LabelsProps = $props();

    const NAMES: Record<string, string> = {
        board: 'Boards',
        blank: 'Blanks',
        piece: 'Pieces',
        drawer: 'Drawers',
        part: 'Parts',
    };

    const act = new Act();
    let chosen = $state<string[]>([]);
    const kinds = $derived(Object.keys(NAMES).filter((kind) => labels.some((one) => one.kind === kind)));
    const query = $derived(new URLSearchParams(chosen.map((key) => ['labels[]', key])).toString());

    function whole(kind: string): void {
        const keys = labels.filter((one) => one.kind === kind).map((one) => one.key);
        chosen = keys.every((key) => chosen.includes(key))
            ? chosen.filter((key) => !keys.includes(key))
            : [...new Set([...chosen, ...keys])];
    }
</script>

<svelte:head><title>Labels · Regimen</title></svelte:head>

<p class="small quiet"><a use:inertia href={route('stores')}>Stores</a> · labels</p>
<h1>
    {chosen.length === 0
        ? 'Labels for whatever lies in the stores'
        : `${chosen.length === 1 ? 'One label' : `${chosen.length} labels`} chosen`}
</h1>
<p class="quiet">
    The code on a label opens what it stands on, with <a class="inline" use:inertia href={route('scan')}
        >the page that scans</a
    >
    or any telephone that reaches the shop.
</p>
{#if chosen.length > 0}
    <div class="flex flex-wrap gap-3 items-center mt-2 sticky top-0 bg-paper py-2">
        <a class="do" href={`${route('stores.labels.sheet', 'a4')}?${query}`}>Sheet of 24, A4</a>
        <a class="act" href={`${route('stores.labels.sheet', 'letter')}?${query}`}>Letter</a>
        <button
            class="act"
            type="button"
            disabled={act.busy}
            onclick={() => act.post(route('stores.labels.print'), { labels: chosen }, () => (chosen = []))}
            >On the {printer}</button
        >
        <button class="word" type="button" onclick={() => (chosen = [])}>none of them</button>
    </div>
{/if}
<ErrorLine text={act.other()} />

{#each kinds as kind (kind)}
    <section class="sheet mt-[1.2rem]">
        <h2>{NAMES[kind]} <button class="word small" type="button" onclick={() => whole(kind)}>all</button></h2>
        <ul class="grid grid-cols-3 gap-x-6 max-desk:grid-cols-1">
            {#each labels.filter((one) => one.kind === kind) as one (one.key)}
                <li class="border-t border-t-rule">
                    <label class="flex gap-2 items-center min-h-11"
                        ><input type="checkbox" value={one.key} bind:group={chosen} /><span
                            >{one.words} <span class="quiet small">{one.under}</span></span
                        ></label
                    >
                </li>
            {/each}
        </ul>
    </section>
{:else}
    <p class="quiet">Nothing lies in the stores yet.</p>
{/each}
