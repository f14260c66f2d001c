<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import { isShort, isTiny, timeOf, type Placed } from '@/lib/day';
    import { shopClock } from '@/lib/now.svelte';
    import { clock, dateOf, day } from '@/lib/time';
    import type { TodayItem } from '@/lib/props';
    import { route } from '@/lib/address';

    const { item, column }: { item: Placed; column: number } = $props();

    function holdEnd(item: TodayItem): string {
        if (item.holdUntil === null) {
            return '';
        }
        return dateOf(item.holdUntil) === dateOf(shopClock.now)
            ? clock(item.holdUntil)
            : `${day(item.holdUntil)} ${clock(item.holdUntil)}`;
    }
</script>

<div
    class={['item', item.state, isTiny(item) ? 'narrow tiny' : isShort(item) ? 'narrow' : item.room < 80 && 'short']}
    style:grid-column={column}
    title={`${item.build} ${item.name}, ${timeOf(item.start)}–${timeOf(item.end)}. ${item.because ?? ''}`}
>
    <span
        class="bar block relative h-[14px] mb-1 bg-labour [box-shadow:inset_-1px_0_0_var(--paper)] max-desk:hidden"
        style:width="{(100 * (item.end - item.start)) / item.room}%"
    >
        {#if item.gate && !item.goesOn}<i
                class="absolute right-[1px] top-[1px] w-[12px] h-[12px] border-2 border-ink [border-radius:50%] bg-paper"
            ></i>{/if}
    </span>
    {#if item.held > 0}
        <span
            class="absolute top-2 h-[14px] border border-labour [background:repeating-linear-gradient(-45deg,_var(--labour)_0_1px,_var(--paper)_1px_5px)] max-desk:hidden"
            style:left="{(100 * (item.end - item.start)) / item.room}%"
            style:width="{(100 * item.held) / item.room}%"
        ></span>
    {/if}
    <p>
        <span class="figure hidden max-desk:inline-block max-desk:min-w-[7.4rem]"
            >{timeOf(item.start)}–{timeOf(item.end)}</span
        >
        <a class="plain" use:inertia href={route('builds.show', item.build) + `#operation-${item.operationId}`}
            >{#if item.helps}{`help ${item.helps}: `}{/if}<b>{item.build}</b>
            <span class="name">{item.name}</span></a
        >
    </p>
    {#if item.helped}<p class="small">{item.helped}</p>{/if}
    {#if item.hold}<p class="quiet small">then {item.hold}, until {holdEnd(item)}</p>{/if}
    {#if item.gate}<p class="quiet small">ends with: {item.gate}</p>{/if}
    {#if item.because && item.state === 'open'}<p class="quiet small because">{item.because}</p>{/if}
</div>

<style>
    .item {
        position: relative;
        padding: 0.5rem 0 0.4rem;
        line-height: 1.18;
        font-size: 0.84rem;
    }

    .item p {
        padding-right: 0.4rem;
        overflow-wrap: anywhere;
    }

    .item .small {
        font-size: 0.75rem;
    }

    .narrow .small,
    .short .because {
        display: none;
    }

    @media (width >= 60rem) {
        .narrow .name,
        .tiny p {
            display: none;
        }
    }

    .done .bar,
    .holding .bar {
        background: var(--ink);
    }

    .started .bar {
        background: var(--accent);
    }
    @media (width < 60rem) {
        .item {
            padding: 0.7rem 0;
            border-top: 1px solid var(--rule);
            font-size: 1rem;
        }

        .item .small,
        .item .because,
        .narrow .small {
            display: block;
            font-size: 0.85rem;
        }
    }
</style>
