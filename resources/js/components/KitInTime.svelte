<!-- Parts on their way: how long each is waited for, and when the first work needs it. -->
<script lang="ts">
    import InDays, { type DayRow } from '@/components/InDays.svelte';
    import { shopClock } from '@/lib/now.svelte';
    import { calendarDay, dateOf } from '@/lib/time';

    interface Line {
        id: number;
        name: string;
        expectedOn: string | null;
        overdue: boolean;
        leadDays: number;
        /** The day on which the first work with it is planned. */
        neededOn: string | null;
    }

    const { lines }: { lines: Line[] } = $props();

    const today = $derived(dateOf(shopClock.now));
    const inDays = (days: number): string => dateOf(new Date(shopClock.now.getTime() + days * 86_400_000));

    function row(line: Line): DayRow {
        const arrives = line.expectedOn ?? inDays(line.leadDays);
        const [from, to] = arrives < today ? [arrives, today] : [today, arrives];
        const words =
            line.expectedOn === null
                ? `${line.name}: ordered today it would be here by ${calendarDay(arrives)}`
                : line.overdue
                  ? `${line.name}: overdue since ${calendarDay(arrives)}`
                  : `${line.name}: expected on ${calendarDay(arrives)}`;
        return {
            key: line.id,
            name: line.name,
            marks: [
                { kind: 'wait', from, to, words },
                ...(line.neededOn === null
                    ? []
                    : [
                          {
                              kind: 'labour' as const,
                              from: line.neededOn,
                              words: `first work with it ${calendarDay(line.neededOn)}`,
                          },
                      ]),
            ],
        };
    }

    const rows = $derived(lines.map(row));
</script>

{#if rows.length > 0}
    <InDays {rows} {today} words={rows.flatMap((one) => one.marks.map((mark) => mark.words)).join('; ')} />
    <p class="quiet small">Open is waiting until a part is here, solid the first day of work that needs it.</p>
{/if}
