<script lang="ts">
    import DayItem from '@/components/DayItem.svelte';
    import { inertia } from '@inertiajs/svelte';
    import { route } from '@/lib/address';
    import { isShort, timeOf, type Placed } from '@/lib/day';
    import { shopClock } from '@/lib/now.svelte';
    import { dateOf, minuteOfDay } from '@/lib/time';
    import type { TodayPerson } from '@/lib/props';

    interface Props {
        person: TodayPerson;
        share: (minute: number) => number;
        hours: number[];
        now: number | null;
    }

    const { person, share, hours, now }: Props = $props();

    const last = $derived(hours.at(-1) ?? 1020);
    const lunch = $derived(
        person.hours.slice(1).map(([from], index): [number, number] => [person.hours[index]?.[1] ?? from, from]),
    );
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
    /** What has no room for its words in the row tells them in a line of its own. */
    const short = $derived(items.filter(isShort));
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
</script>

<article
    class="grid grid-cols-[10rem_minmax(0,1fr)] border-b border-b-rule max-desk:grid-cols-[1fr] max-desk:py-[0.4rem] max-desk:px-0"
>
    <div class="who pt-[0.4rem] pr-3 pb-[0.4rem] pl-0">
        <h2>{person.name.split(' ')[0]}</h2>
        <p class="quiet">{person.skills.join(', ')}</p>
        {#each person.away as block (block.words + block.from)}
            <p class="block">
                {block.from !== null && block.to !== null
                    ? `${timeOf(block.from)}–${timeOf(block.to)} `
                    : ''}{block.words}
            </p>
        {/each}
    </div>
    <div class="hours" style:grid-template-columns={columns}>
        {#each hours as hour (hour)}
            <i class="hour border-l border-l-rule" style:left="{share(hour)}%"></i>
        {/each}
        {#each lunch as [from, to] (from)}
            <i class="break bg-shade" style:left="{share(from)}%" style:width="{share(to) - share(from)}%"></i>
        {/each}
        {#each person.away as block (block.words + block.from)}
            {#if block.from !== null && block.to !== null}
                <i
                    class="away border border-dashed border-labour"
                    style:left="{share(block.from)}%"
                    style:width="{share(block.to) - share(block.from)}%"
                    title={block.words}
                ></i>
            {/if}
        {/each}
        {#if now !== null}<i class="now" style:left="{share(now)}%"></i>{/if}
        {#if items.length === 0}
            <p class="quiet p-2" style:grid-column="1 / -1">
                {person.minutes === 0 ? 'not in today' : 'nothing planned'}
            </p>
        {/if}
        {#each items as item, index (`${item.operationId} ${item.from}`)}
            <DayItem {item} column={index + 2} />
        {/each}
        {#if short.length > 0}
            <ul class="short row-start-2 text-[0.8rem] pb-1 hidden desk:flex" style:grid-column="1 / -1">
                {#each short as item (`${item.operationId} ${item.from}`)}
                    <li>
                        <span class="figure">{timeOf(item.start)}</span>
                        <a
                            class="plain"
                            use:inertia
                            href={route('builds.show', item.build) + `#operation-${item.operationId}`}
                            ><b>{item.build}</b> {item.name}</a
                        >
                        {#if item.hold}<span class="quiet">then {item.hold}</span>{/if}
                        {#if item.gate}<span class="quiet">ends with: {item.gate}</span>{/if}
                    </li>
                {/each}
            </ul>
        {/if}
    </div>
</article>

<style>
    .who p {
        font-size: 0.76rem;
        line-height: 1.25;
    }

    .hours {
        display: grid;
        position: relative;
        min-height: 4.6rem;
    }

    .short {
        position: relative;
        flex-wrap: wrap;
        gap: 0 1.2rem;
    }

    .hour,
    .break,
    .away,
    .now {
        position: absolute;
        top: 0;
        bottom: 0;
    }

    .who .block {
        border: 1px dashed var(--labour);
        padding: 0 0.3rem;
        margin-top: 0.2rem;
    }

    .now {
        border-left: 2px solid var(--accent);
        z-index: 1;
    }
    @media (width < 60rem) {
        .hours {
            display: block;
            min-height: 0;
        }

        .hour,
        .break,
        .away,
        .now {
            display: none;
        }
    }
</style>
