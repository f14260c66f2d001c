<!-- How one finish moved from plan to plan: a ring where each plan put it, open the days by which it slipped. -->
<script lang="ts">
    import InDays, { type DayMark, type DayRow } from '@/components/InDays.svelte';
    import { calendarDay, dateOf, day } from '@/lib/time';
    import type { BuildHistory } from '@/lib/props';

    const { build }: { build: BuildHistory } = $props();

    const MOST = 12;

    /** The newest first, as in the table below. */
    const shown = $derived(build.moves.slice(0, MOST));

    function row(index: number): DayRow {
        const move = shown[index];
        const before = build.moves[index + 1]?.finish ?? null;
        const marks: DayMark[] = [];
        const finish = move?.finish ?? null;
        if (finish !== null) {
            if (before !== null && before < finish) {
                marks.push({ kind: 'wait', from: before, to: finish, words: `from ${calendarDay(before)}` });
            }
            marks.push({ kind: 'gate', from: finish, words: `finish ${calendarDay(finish)}` });
        }
        if (build.promisedOn !== null) {
            marks.push({
                kind: 'promise',
                from: build.promisedOn,
                tone: finish !== null && finish > build.promisedOn ? 'late' : '',
                words: `promised for ${calendarDay(build.promisedOn)}`,
            });
        }
        return { key: index, name: move ? `plan of ${day(dateOf(move.at))}` : '', marks };
    }

    const rows = $derived(shown.map((_, index) => row(index)));
</script>

{#if rows.length > 1}
    <InDays {rows} words={`How the finish of ${build.title} moved: ${build.words}`} />
{/if}
