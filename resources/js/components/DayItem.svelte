<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import { timeOf, type Placed } from '@/lib/day';
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
    class={['item', item.state, item.room < 50 ? 'narrow' : item.room < 80 && 'short']}
    style:grid-column={column}
    title={`${item.build} ${item.name}, ${timeOf(item.start)}–${timeOf(item.end)}. ${item.because ?? ''}`}
>
    <span class="bar" style:width="{(100 * (item.end - item.start)) / item.room}%">
        {#if item.gate && !item.goesOn}<i class="ring"></i>{/if}
    </span>
    {#if item.held > 0}
        <span
            class="held"
            style:left="{(100 * (item.end - item.start)) / item.room}%"
            style:width="{(100 * item.held) / item.room}%"
        ></span>
    {/if}
    <p>
        <span class="at figure">{timeOf(item.start)}–{timeOf(item.end)}</span>
        <a class="plain" use:inertia href={route('builds.show', item.build) + `#operation-${item.operationId}`}
            ><b>{item.build}</b> {item.name}</a
        >
    </p>
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
        font-size: 0.74rem;
    }

    .narrow .small,
    .short .because {
        display: none;
    }

    .narrow p {
        overflow: hidden;
        white-space: nowrap;
        text-overflow: ellipsis;
    }

    .bar {
        display: block;
        position: relative;
        height: 14px;
        margin-bottom: 0.25rem;
        background: var(--labour);
        box-shadow: inset -1px 0 0 var(--paper);
    }

    .held {
        position: absolute;
        top: 0.5rem;
        height: 14px;
        border: 1px solid var(--labour);
        background: repeating-linear-gradient(-45deg, var(--labour) 0 1px, var(--paper) 1px 5px);
    }

    .done .bar,
    .holding .bar {
        background: var(--ink);
    }

    .started .bar {
        background: var(--accent);
    }

    .ring {
        position: absolute;
        right: 1px;
        top: 1px;
        width: 12px;
        height: 12px;
        border: 2px solid var(--ink);
        border-radius: 50%;
        background: var(--paper);
    }

    .at {
        display: none;
    }

    @media (width < 60rem) {
        .bar,
        .held {
            display: none;
        }

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

        .narrow p {
            white-space: normal;
        }

        .at {
            display: inline-block;
            min-width: 7.4rem;
        }
    }
</style>
