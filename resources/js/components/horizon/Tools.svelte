<script lang="ts">
    import type { By } from '@/components/horizon/rows';
    import type { View } from '@/components/horizon/view.svelte';
    import type { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';

    interface Props {
        view: View;
        by: By;
        now: number;
        manager: boolean;
        /** Whether there is anything to look for a better plan of. */
        looks: boolean;
        undo: { id: number; words: string } | null;
        act: Act;
        ontakeback: () => void;
    }

    let { view, by = $bindable(), now, manager, looks, undo, act, ontakeback }: Props = $props();
</script>

<div
    class="tools screen-only flex flex-wrap gap-y-[0.2rem] gap-x-8 mt-[0.4rem]"
    role="group"
    aria-label="How the horizon is shown"
>
    <span class="choice" role="group" aria-label="By">
        {#each [['build', 'by build'], ['person', 'by person'], ['station', 'by station'], ['fixture', 'by fixture']] as const as [value, name] (value)}
            <button
                class="word"
                type="button"
                aria-pressed={by === value}
                onclick={() => {
                    by = value;
                }}>{name}</button
            >
        {/each}
    </span>
    <span class="choice" role="group" aria-label="Zoom">
        {#each view.levels as level, index (level.name)}
            <button class="word" type="button" aria-pressed={view.level === index} onclick={() => view.zoom(index)}
                >{level.name}</button
            >
        {/each}
    </span>
    {#if view.level > 0}
        <span class="choice">
            <button class="word" type="button" onclick={() => view.pan(-0.5)}>earlier</button>
            <button class="word" type="button" onclick={() => view.show(now)}>today</button>
            <button class="word" type="button" onclick={() => view.pan(0.5)}>later</button>
        </span>
    {/if}
    {#if manager && looks}
        <button class="word" type="button" disabled={act.busy} onclick={() => act.post(route('plan.look'))}
            >Look for a better plan</button
        >
    {/if}
    {#if manager && undo}
        <button class="word undo" type="button" disabled={act.busy} onclick={ontakeback} title={undo.words}
            >Undo: {undo.words}</button
        >
    {/if}
</div>

<style>
    .choice {
        display: inline-flex;
        flex-wrap: wrap;
        gap: 0 1rem;
    }

    .choice [aria-pressed='true'] {
        color: var(--ink);
        font-weight: 650;
        text-decoration: none;
    }

    .undo {
        max-width: 26rem;
    }
</style>
