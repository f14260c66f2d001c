<script lang="ts">
    import Empty from '@/components/Empty.svelte';
    import { inertia } from '@inertiajs/svelte';
    import Moved from '@/components/plan/Moved.svelte';
    import PlanPages from '@/components/plan/PlanPages.svelte';
    import { calendarDay, moment } from '@/lib/time';
    import type { HistoryProps } from '@/lib/props';
    import { route } from '@/lib/address';

    const { heading, builds }: HistoryProps = $props();

    const by = (days: number | null): string =>
        days === null
            ? ''
            : days === 0
              ? 'same working day'
              : `${Math.abs(days)} ${Math.abs(days) === 1 ? 'day' : 'days'} ${days > 0 ? 'later' : 'sooner'}`;
</script>

<svelte:head><title>How the plan moved · Regimen</title></svelte:head>

<PlanPages />
<h1>{heading}</h1>
<p class="quiet">
    What each plan expected of a build, and what made it necessary to plan again. Days are working days of the shop.
</p>

{#each builds as build (build.number)}
    <section class="border-t border-t-rule py-2">
        <details class="opens" open={build.slips > 0 && build.days > 0}>
            <summary>
                <b>{build.number} · {build.title}</b>
                <span class={build.days > 0 ? 'tight' : 'quiet'}>{build.words}</span>
                <span class="small quiet"
                    >now {build.finish ? calendarDay(build.finish) : 'not planned'}{build.promisedOn
                        ? `, promised for ${calendarDay(build.promisedOn)}`
                        : ''}</span
                >
            </summary>
            <div class="ml-[1.1rem]"><Moved {build} /></div>
            <table class="mt-[0.3rem] mr-0 mb-[0.3rem] ml-[1.1rem] w-[calc(100%_-_1.1rem)] max-md:text-[0.9rem]">
                <thead><tr><th>Planned</th><th>Finish</th><th>Moved</th><th>Because of</th></tr></thead>
                <tbody>
                    {#each build.moves as move, index (index)}
                        <tr>
                            <td class="figure small">{moment(move.at)}</td>
                            <td class="figure small">{move.finish ? calendarDay(move.finish) : 'not planned'}</td>
                            <td class={['small', (move.days ?? 0) > 0 && 'tight']}>{by(move.days)}</td>
                            <td>{move.cause}</td>
                        </tr>
                    {/each}
                </tbody>
            </table>
            <p class="small"><a class="target" use:inertia href={route('builds.show', build.number)}>the build</a></p>
        </details>
    </section>
{:else}
    <Empty words="How the planned finish of each build has moved, and because of what, will stand here." />
{/each}

<style>
    summary span {
        margin-left: 0.8rem;
    }

    td:last-child {
        overflow-wrap: anywhere;
    }
</style>
