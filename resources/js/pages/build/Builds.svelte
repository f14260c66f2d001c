<script lang="ts">
    import Empty from '@/components/Empty.svelte';
    import { inertia, page } from '@inertiajs/svelte';
    import Instrument from '@/components/Instrument.svelte';
    import { calendarDay, day, labour } from '@/lib/time';
    import type { BuildLine, BuildsProps } from '@/lib/props';
    import { route } from '@/lib/address';

    const { open, finished }: BuildsProps = $props();
    const manager = $derived(page.props.viewer?.manager ?? false);
    const tone = (line: BuildLine): string =>
        line.verdict === 'late' || line.verdict === 'unplanned' ? 'late' : line.verdict === 'risk' ? 'tight' : 'quiet';
</script>

<svelte:head><title>Builds · Regimen</title></svelte:head>

<div class="head flex justify-between items-start gap-4 max-desk:flex-wrap max-desk:gap-1">
    <div>
        <h1>
            {open.length === 0
                ? 'No build is open'
                : open.length === 1
                  ? 'One build is open'
                  : `${open.length} builds are open`}
        </h1>
        <p class="flex gap-5 flex-wrap">
            <a use:inertia href={route('setbacks')}>What went wrong</a><a use:inertia href={route('pieces')}>Pieces</a
            ><a use:inertia href={route('logbook')}>Logbook</a>
        </p>
        {#if finished.length > 0}<p class="quiet">{finished.length} finished ones below, with what they took.</p>{/if}
    </div>
    {#if manager}
        <p class="flex flex-wrap gap-x-5 gap-y-1 items-center desk:justify-end">
            <a use:inertia href={route('taking-in.new')}>Take one in that is on the bench already</a>
            <a use:inertia href={route('finished.new')}>Bring finished ones in</a>
            <a class="do" use:inertia href={route('commissions.new')}>New commission</a>
        </p>
    {/if}
</div>

<ul class="mt-4 mb-8">
    {#each open as build (build.number)}
        <li class="border-t border-t-rule">
            <a class="plain" use:inertia href={route('builds.show', build.number)}>
                <span class="h-[3.2rem]"
                    ><Instrument
                        drawing={build.drawing}
                        inked={build.inked}
                        words={`drawing of No. ${build.number}`}
                    /></span
                >
                <span
                    ><b class="font-heading font-[650] block">{build.number} · {build.title}</b><span
                        class="quiet small line">{build.inOneLine}</span
                    ></span
                >
                <span class="stage">{build.stage}</span>
                <span class="quiet"
                    >{build.promisedOn ? `promised ${calendarDay(build.promisedOn)}` : 'no promise'}</span
                >
                <span class="quiet">{build.finish ? `planned ${day(build.finish)}` : 'no date'}</span>
                <span class={tone(build)}>{build.slackWords}</span>
            </a>
        </li>
    {:else}
        <li><Empty words="Every instrument in the making will stand here, with its stage and its promise." /></li>
    {/each}
</ul>

{#if finished.length > 0}
    <section class="sheet">
        <h2>Finished</h2>
        <div class="overflow-x-auto">
            <table>
                <thead><tr><th>Build</th><th>Finished</th><th>Promised</th><th>Estimated</th><th>Worked</th></tr></thead
                >
                <tbody>
                    {#each finished as build (build.number)}
                        <tr>
                            <td
                                ><a class="target" use:inertia href={route('builds.show', build.number)}
                                    >{build.number} · {build.title}</a
                                ></td
                            >
                            <td
                                >{day(build.finishedAt)}{build.writtenOff
                                    ? ', written off'
                                    : build.calledOff
                                      ? ', called off'
                                      : ''}</td
                            >
                            <td>{build.promisedOn ? calendarDay(build.promisedOn) : '–'}</td>
                            <td class="figure">{labour(build.estimatedMinutes)}</td>
                            <td class="figure">{labour(build.workedMinutes)}</td>
                        </tr>
                    {/each}
                </tbody>
            </table>
        </div>
    </section>
{/if}

<style>
    li a {
        display: grid;
        grid-template-columns: 8rem 1.7fr 1fr 1fr 1fr 1fr;
        gap: 1rem;
        align-items: center;
        padding: 0.4rem 0;
    }

    li a:hover {
        background: var(--shade);
    }
    @media (width < 60rem) {
        li a {
            grid-template-columns: 6rem 1fr;
        }

        li a > span:nth-child(n + 3) {
            grid-column: 2;
        }
    }
</style>
