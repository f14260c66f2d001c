<script lang="ts">
    import { usePoll } from '@inertiajs/svelte';
    import { Progress } from '@skeletonlabs/skeleton-svelte';
    import PlanPages from '@/components/plan/PlanPages.svelte';
    import { Act } from '@/lib/act.svelte';
    import { calendarDay } from '@/lib/time';
    import type { HelpLine, HelpProps } from '@/lib/props';
    import { route } from '@/lib/address';

    const { state: standing, tried, all, ranked, methods }: HelpProps = $props();

    const poll = usePoll(1500, {}, { autoStart: false });
    $effect(() => {
        if (standing === 'trying') {
            poll.start();
        } else {
            poll.stop();
        }
    });

    const act = new Act();
    // Looking changes nothing: what was not asked for this plan yet is asked for once the page is there.
    $effect(() => {
        if (standing === 'none' && !act.busy) {
            act.post(route('plan.help'));
        }
    });
    const days = (gain: { before: string; after: string }): number =>
        Math.round((Date.parse(gain.before) - Date.parse(gain.after)) / 86_400_000);
    const late = $derived(ranked.filter((one) => one.gains.some((gain) => gain.late)).length);
    const heading = $derived(
        standing === 'trying' || standing === 'none'
            ? 'Trying what would help'
            : standing === 'failed'
              ? 'It could not be tried'
              : ranked.length === 0
                ? 'One more of anything would not help'
                : late > 0
                  ? `${late === 1 ? 'One thing' : `${late} things`} would help a build that is late`
                  : `${ranked.length === 1 ? 'One thing' : `${ranked.length} things`} would bring a build forward`,
    );
</script>

<svelte:head><title>What would help · Regimen</title></svelte:head>

<PlanPages />
<h1>{heading}</h1>
<p class="quiet">
    Each of these was tried by planning the whole shop again; nothing is changed. One more of a station or a fixture,
    another skill for a person, an hour longer a day for four weeks, a part a week earlier, a later promise. How much
    each raises the chance of a promise stands with <a href={route('plan.chances')}>the chances</a>.
</p>

{#snippet helps(list: HelpLine[])}
    <ol class="my-4">
        {#each list as one (one.words)}
            <li
                class="grid grid-cols-[22rem_minmax(0,1fr)_auto] gap-y-[0.3rem] gap-x-6 items-start border-t border-t-rule py-2 max-desk:grid-cols-1 max-desk:justify-items-start"
                data-help={one.kind}
            >
                <b>{one.words}</b>
                <span>
                    {#each one.gains as gain (gain.number)}
                        <span class={['gain', gain.late && 'late']}>
                            <a class="target" href={route('builds.show', gain.number)}>{gain.number} {gain.title}</a>
                            <span class="figure small">{days(gain)} {days(gain) === 1 ? 'day' : 'days'} sooner</span>
                            <span class="small quiet">{calendarDay(gain.before)} → {calendarDay(gain.after)}</span>
                        </span>
                    {/each}
                </span>
                {#if one.change}
                    {@const change = one.change}
                    <button
                        class="act"
                        type="button"
                        disabled={act.busy}
                        aria-label={`Try it: ${one.words}`}
                        onclick={() => act.post(route('plan.try.with'), { name: one.words, changes: [change] })}
                        >Try it</button
                    >
                {:else}
                    <span class="small quiet">ask for it</span>
                {/if}
            </li>
        {/each}
    </ol>
{/snippet}

{#if standing === 'trying' || standing === 'none'}
    <div class="trying">
        <Progress value={all === 0 ? 0 : tried} max={all || 1} class="tried">
            <Progress.Label class="sr-only">How much of it was tried</Progress.Label>
            <Progress.Track><Progress.Range /></Progress.Track>
        </Progress>
        <span class="figure">{all === 0 ? 'Starting …' : `${tried} of ${all} tried`}</span>
        <span class="quiet">The plan goes on meanwhile; what is found stays here until it changes.</span>
    </div>
{:else if standing === 'failed'}
    <p>
        The log says why. Nothing was changed.
        <button class="act" type="button" disabled={act.busy} onclick={() => act.post(route('plan.help'))}
            >Try again</button
        >
    </p>
{:else}
    {@render helps(ranked)}

    <h2 class="mt-[1.4rem]">Made in another way</h2>
    {#if methods.length === 0}
        <p class="quiet">No other way of making the build that is tightest would bring it forward.</p>
    {:else}
        {@render helps(methods)}
    {/if}
{/if}

<style>
    .trying {
        display: grid;
        justify-items: start;
        gap: 0.3rem;
        margin-top: 1rem;
    }

    .trying :global([data-part='track']) {
        width: min(28rem, 80vw);
        height: 0.5rem;
        border: 1px solid var(--rule);
        border-radius: 0;
        background: none;
    }

    .trying :global([data-part='range']) {
        height: 100%;
        border-radius: 0;
        background: var(--accent);
    }

    .gain {
        display: inline-block;
        margin-right: 1.4rem;
    }
</style>
