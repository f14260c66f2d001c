<script lang="ts">
    import StageHours from './StageHours.svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { calendarDay, labour } from '@/lib/time';
    import type { HoursLine, SheetOperation } from '@/lib/props';
    import { route } from '@/lib/address';

    const { hours, operations, manager }: { hours: HoursLine[]; operations: SheetOperation[]; manager: boolean } =
        $props();

    const act = new Act();
    let striking = $state(0);
    let because = $state('');
    let really = $state('');

    function stop(event: SubmitEvent, id: number): void {
        event.preventDefault();
        act.post(route('clocks.stop', id), { minutes: really }, () => (really = ''));
    }

    function strike(event: SubmitEvent, id: number): void {
        event.preventDefault();
        act.post(route('hours.strike', id), { because }, () => {
            striking = 0;
            because = '';
        });
    }
</script>

<section class="sheet mt-6" id="hours">
    <h2>Hours <span class="quiet small font-normal">{hours.length} entries</span></h2>
    <StageHours {operations} />
    <ul>
        {#each hours as line (line.id)}
            <li class={line.struck ? 'struck' : ''}>
                <span>{calendarDay(line.on)}</span>
                <span>{line.person}</span>
                <span>{line.operation}</span>
                <span class="figure">{line.minutes === null ? 'running' : labour(line.minutes)}</span>
                <span class="quiet small"
                    >{line.struck
                        ? `struck out: ${line.struckBecause}`
                        : line.source === 'clock'
                          ? 'by the clock'
                          : line.source === 'taken in'
                            ? 'as remembered, from before'
                            : 'entered afterwards'}{line.now ? `; ${line.now}` : ''}</span
                >
                {#if manager && line.canStop}
                    <form class="flex gap-2 items-end" onsubmit={(event) => stop(event, line.id)}>
                        <Field
                            name="minutes"
                            label={`Really worked by ${line.person}`}
                            bind:value={really}
                            error={act.errors.minutes}
                            hint="empty: what the clock shows"
                        />
                        <button class="act" type="submit">Stop this clock</button>
                        <ErrorLine text={act.other('minutes')} />
                    </form>
                {/if}
                {#if manager && !line.struck && line.minutes !== null}
                    {#if striking === line.id}
                        <form class="flex gap-2" onsubmit={(event) => strike(event, line.id)}>
                            <input
                                class="field"
                                bind:value={because}
                                aria-label="Reason for striking out these hours"
                                placeholder="why"
                            />
                            <button class="act" type="submit">Strike out</button>
                            <ErrorLine text={act.other()} />
                        </form>
                    {:else}
                        <button class="word small" type="button" onclick={() => (striking = line.id)}>strike out</button
                        >
                    {/if}
                {/if}
            </li>
        {:else}
            <li class="quiet">No hours yet.</li>
        {/each}
    </ul>
</section>

<style>
    li {
        display: grid;
        grid-template-columns: 7rem 8rem minmax(0, 1fr) 6rem 11rem auto;
        gap: 0.75rem;
        border-top: 1px solid var(--rule);
        padding: 0.25rem 0;
    }

    .struck span:nth-child(-n + 4) {
        text-decoration: line-through;
        color: var(--quiet);
    }
    @media (width < 60rem) {
        li {
            grid-template-columns: 1fr 1fr;
        }
    }
</style>
