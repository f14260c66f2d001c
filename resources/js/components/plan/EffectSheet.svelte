<!-- What a change would do: promises first, then finishes, then whose week. -->
<script lang="ts">
    import { calendarDay, moment } from '@/lib/time';
    import type { BuildStanding, Effect } from '@/lib/props';

    const { effect, brief = false }: { effect: Effect; brief?: boolean } = $props();

    const day = (standing: BuildStanding | null): string =>
        standing?.finish ? calendarDay(standing.finish) : 'not planned';
    const broken = $derived(effect.builds.some((build) => build.broken));
</script>

<div class="effect" aria-live="polite">
    <p class={['headline', broken && 'late']} data-effect>{effect.headline}.</p>
    {#each effect.troubles as trouble (trouble)}<p class="tight small">{trouble}</p>{/each}
    {#if effect.builds.length > 0}
        <ul>
            {#each effect.builds as build (build.number)}
                <li class={build.broken ? 'late' : ''}>
                    <b>{build.number} {build.title}</b>
                    {#if build.isNew}
                        <span class="figure">finish {day(build.after)}</span>
                    {:else}
                        <span class="figure">{day(build.before)} → {day(build.after)}</span>
                    {/if}
                    <span class={['small', !build.broken && 'quiet']}>
                        {#if build.before && build.before.slack !== build.after.slack}{`${build.before.slack} → `}{/if}{build
                            .after.slack}{build.gained ? ', kept again' : build.broken ? ', would break' : ''}
                    </span>
                </li>
            {/each}
        </ul>
    {/if}
    {#if effect.money.length > 0}
        <p class="small quiet mt-2">Payments would be asked for on other days:</p>
        <ul data-money>
            {#each effect.money as line (line)}<li class="small figure">{line}</li>{/each}
        </ul>
    {/if}
    {#if !brief}
        {#each effect.people as person (person.person)}
            <details class="opens mt-[0.4rem]">
                <summary>
                    <b>{person.person}’s coming week</b>
                    <span class="small quiet"
                        >{person.moves.length + person.more}
                        {person.moves.length + person.more === 1 ? 'operation moves' : 'operations move'}</span
                    >
                </summary>
                <ul class="moves small">
                    {#each person.moves as move (move.words)}
                        <li>
                            {move.words}
                            <span class="figure"
                                >{move.from ? moment(move.from) : 'new'} → {move.to
                                    ? moment(move.to)
                                    : 'not this week'}</span
                            >
                        </li>
                    {/each}
                    {#if person.more > 0}<li class="quiet">and {person.more} more</li>{/if}
                </ul>
            </details>
        {:else}
            <p class="small quiet">Nobody’s coming week would change.</p>
        {/each}
    {:else if effect.people.length > 0}
        <p class="small quiet">
            It moves {effect.people
                .map((one) => `${one.moves.length + one.more} of ${one.person.split(' ')[0]}’s operations`)
                .join(', ')} this week.
        </p>
    {/if}
</div>

<style>
    .headline {
        font-family: var(--heading);
        font-weight: 650;
    }

    li {
        padding: 0.15rem 0;
    }

    li .figure {
        font-size: 0.88rem;
        margin: 0 0.5rem;
    }

    .moves li {
        border-top: 1px solid var(--rule);
    }
</style>
