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

<section class="sheet">
    <h2>The coming six weeks</h2>
    <div class="grid" style:--days={days.length} role="img" aria-label="Who is there on which day">
        <span></span>
        {#each months as week (week.date)}<span class="small quiet week">{calendarDay(week.date).slice(4)}</span>{/each}
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
    section {
        margin-top: 1rem;
    }

    .grid {
        display: grid;
        grid-template-columns: 8rem repeat(var(--days), minmax(0, 1fr));
        gap: 2px;
        align-items: center;
        margin: 0.4rem 0;
    }

    .week {
        grid-column: span 7;
        border-left: 1px solid var(--rule);
        padding-left: 0.3rem;
    }

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

    @media (width < 60rem) {
        .grid {
            grid-template-columns: 4.5rem repeat(var(--days), minmax(0, 1fr));
            gap: 1px;
        }
    }
</style>
