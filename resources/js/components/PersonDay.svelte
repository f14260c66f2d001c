<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import { shopClock } from '@/lib/now.svelte';
    import { clock, dateOf, day, minuteOfDay } from '@/lib/time';
    import type { TodayItem, TodayPerson } from '@/lib/types';

    interface Props {
        person: TodayPerson;
        share: (minute: number) => number;
        hours: number[];
        now: number | null;
    }

    const { person, share, hours, now }: Props = $props();

    interface Placed extends TodayItem {
        start: number;
        end: number;
        room: number;
        held: number;
    }

    const last = $derived(hours.at(-1) ?? 1020);
    const lunch = $derived(person.hours.slice(1).map(([from], index): [number, number] => [person.hours[index]?.[1] ?? from, from]));
    const items = $derived.by((): Placed[] => {
        const placed = person.items.map((item) => ({
            ...item,
            start: Math.max(hours[0] ?? 0, minuteOfDay(item.from)),
            end: item.goesOn ? last : Math.min(last, minuteOfDay(item.to)),
        }));
        return placed.map((item, index) => {
            const room = Math.max(6, (placed[index + 1]?.start ?? last) - item.start);
            return {
                ...item,
                room,
                held:
                    item.holdUntil === null || item.goesOn
                        ? 0
                        : Math.min(room - (item.end - item.start), heldToday(item.holdUntil) - item.end),
            };
        });
    });
    // A column for the time before the first item and one for each item up to the next: the row grows with its words.
    const columns = $derived(
        [Math.max(0, (items[0]?.start ?? last) - (hours[0] ?? 0)), ...items.map((item) => item.room)]
            .map((minutes) => `minmax(0, ${minutes}fr)`)
            .join(' '),
    );

    /** Until when a hold lasts on this day, in minutes after midnight. */
    function heldToday(until: string): number {
        return dateOf(until) === dateOf(shopClock.now) ? minuteOfDay(until) : last;
    }

    const at = (minute: number): string => `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;

    function holdEnd(item: TodayItem): string {
        if (item.holdUntil === null) {
            return '';
        }
        return dateOf(item.holdUntil) === dateOf(shopClock.now) ? clock(item.holdUntil) : `${day(item.holdUntil)} ${clock(item.holdUntil)}`;
    }
</script>

<article>
    <div class="who">
        <h2>{person.name.split(' ')[0]}</h2>
        <p class="quiet">{person.skills.join(', ')}</p>
        {#each person.away as block (block.words + block.from)}
            <p class="block">
                {block.from !== null && block.to !== null ? `${at(block.from)}–${at(block.to)} ` : ''}{block.words}
            </p>
        {/each}
    </div>
    <div class="hours" style:grid-template-columns={columns}>
        {#each hours as hour (hour)}
            <i class="hour" style:left="{share(hour)}%"></i>
        {/each}
        {#each lunch as [from, to] (from)}
            <i class="break" style:left="{share(from)}%" style:width="{share(to) - share(from)}%"></i>
        {/each}
        {#each person.away as block (block.words + block.from)}
            {#if block.from !== null && block.to !== null}
                <i class="away" style:left="{share(block.from)}%" style:width="{share(block.to) - share(block.from)}%" title={block.words}
                ></i>
            {/if}
        {/each}
        {#if now !== null}<i class="now" style:left="{share(now)}%"></i>{/if}
        {#if items.length === 0}
            <p class="quiet none" style:grid-column="1 / -1">{person.minutes === 0 ? 'not in today' : 'nothing planned'}</p>
        {/if}
        {#each items as item, index (item.operationId)}
            <div
                class={['item', item.state, item.room < 50 ? 'narrow' : item.room < 80 && 'short']}
                style:grid-column={index + 2}
                title={`${item.build} ${item.name}, ${at(item.start)}–${at(item.end)}. ${item.because ?? ''}`}
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
                    <span class="at figure">{at(item.start)}–{at(item.end)}</span>
                    <a class="plain" use:inertia href={`/builds/${item.build}#operation-${item.operationId}`}
                        ><b>{item.build}</b> {item.name}</a
                    >
                </p>
                {#if item.hold}<p class="quiet small">then {item.hold}, until {holdEnd(item)}</p>{/if}
                {#if item.gate}<p class="quiet small">ends with: {item.gate}</p>{/if}
                {#if item.because && item.state === 'open'}<p class="quiet small because">{item.because}</p>{/if}
            </div>
        {/each}
    </div>
</article>

<style>
    article {
        display: grid;
        grid-template-columns: 10rem minmax(0, 1fr);
        border-bottom: 1px solid var(--rule);
    }

    .who {
        padding: 0.4rem 0.75rem 0.4rem 0;
    }

    .who p {
        font-size: 0.76rem;
        line-height: 1.25;
    }

    .hours {
        display: grid;
        position: relative;
        min-height: 4.6rem;
    }

    .hour,
    .break,
    .away,
    .now {
        position: absolute;
        top: 0;
        bottom: 0;
    }

    .away {
        border: 1px dashed var(--labour);
    }

    .who .block {
        border: 1px dashed var(--labour);
        padding: 0 0.3rem;
        margin-top: 0.2rem;
    }

    .hour {
        border-left: 1px solid var(--rule);
    }

    .break {
        background: var(--shade);
    }

    .now {
        border-left: 2px solid var(--accent);
        z-index: 1;
    }

    .none {
        padding: 0.5rem;
    }

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
        article {
            grid-template-columns: 1fr;
            padding: 0.4rem 0;
        }

        .hours {
            display: block;
            min-height: 0;
        }

        .hour,
        .break,
        .away,
        .now,
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
