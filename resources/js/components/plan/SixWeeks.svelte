<script lang="ts">
    import { calendarDay } from '@/lib/time';

    interface Props {
        today: string;
        days: { date: string; closed: string | null }[];
        people: {
            id: number;
            name: string;
            minutes: Record<string, { minutes: number; usual: number; words: string }>;
        }[];
    }

    const { today, days, people }: Props = $props();

    const months = $derived(days.filter((_, index) => index % 7 === 0));
    const shade = (day: { minutes: number; usual: number }): string =>
        day.minutes === 0 ? 'none' : day.minutes < day.usual ? 'part' : day.minutes > day.usual ? 'more' : 'full';
</script>

<section class="sheet mt-4">
    <h2>The coming six weeks</h2>
    <div
        class="grid grid-cols-[8rem_repeat(var(--days),minmax(0,1fr))] gap-[2px] items-center my-[0.4rem] max-desk:grid-cols-[4.5rem_repeat(var(--days),minmax(0,1fr))] max-desk:gap-[1px]"
        style:--days={days.length}
        role="img"
        aria-label="Who is there on which day"
    >
        <span></span>
        {#each months as week (week.date)}<span
                class="small quiet [grid-column:span_7] border-l border-l-rule pl-[0.3rem]"
                >{calendarDay(week.date).slice(4)}</span
            >{/each}
        {#each people as person (person.id)}
            <b class="name">{person.name.split(' ')[0]}</b>
            {#each days as day (day.date)}
                {@const there = person.minutes[day.date]}
                <i
                    class={[
                        there ? shade(there) : 'none',
                        day.date === today && 'here',
                        day.closed !== null && 'closed',
                    ]}
                    title={`${person.name}, ${calendarDay(day.date)}: ${day.closed !== null ? day.closed || 'closed' : there?.words || 'not in'}`}
                ></i>
            {/each}
        {/each}
    </div>
    <p class="small quiet key">
        <span><i class="full"></i>usual hours</span><span><i class="part"></i>part of the day</span><span
            ><i class="more"></i>longer</span
        >
        <span><i class="none"></i>not in</span><span><i class="none closed"></i>shop closed</span>
    </p>
</section>

<style>
    .name {
        font-weight: 550;
    }

    i {
        display: inline-block;
        height: 1.5rem;
        border: 1px solid transparent;
    }

    .full {
        background: var(--labour);
    }

    .part {
        background: linear-gradient(to top, var(--labour) 50%, var(--paper) 50%);
        border-color: var(--labour);
    }

    .more {
        background: var(--ink);
    }

    .none {
        border: 1px dashed var(--rule);
    }

    .closed {
        background: var(--shade);
    }

    .here {
        outline: 2px solid var(--accent);
        outline-offset: 1px;
    }

    .key span {
        display: inline-flex;
        align-items: center;
        gap: 0.4rem;
        margin-right: 1.2rem;
    }

    .key i {
        width: 0.9rem;
        height: 0.9rem;
    }
</style>
