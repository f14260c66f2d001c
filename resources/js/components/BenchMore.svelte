<!-- What the strip opens upwards: every clock that runs, every hold, and what was refused. -->
<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import ErrorLine from './ErrorLine.svelte';
    import Mark from './Mark.svelte';
    import { route } from '@/lib/address';
    import { since, when } from '@/lib/bench';
    import { labour, span } from '@/lib/time';
    import type { Bench } from '@/lib/props';

    interface Props {
        bench: Bench;
        errors: Record<string, string>;
        really: string;
    }

    let { bench, errors, really = $bindable() }: Props = $props();
</script>

<div class="above bg-paper border-t-2 border-t-ink" id="bench-more">
    <section>
        <h2>On the clock</h2>
        <ul>
            {#each bench.clocks as one (one.id)}
                <li>
                    <a
                        class="plain"
                        use:inertia
                        href={route('builds.show', one.build) + `#operation-${one.operationId}`}
                        ><b>{one.person.split(' ')[0]}</b> {one.build} {one.operation}</a
                    >
                    <span class="figure text-accent">{labour(since(one.since))}</span>
                </li>
            {:else}
                <li class="quiet">No clock runs.</li>
            {/each}
        </ul>
        {#if errors.minutes}
            <label>
                Really worked
                <input class="field" bind:value={really} aria-invalid="true" aria-describedby="really-worked" />
            </label>
            <ErrorLine id="really-worked" text={errors.minutes} />
        {/if}
        <ErrorLine text={errors.clock} />
    </section>
    <section>
        <h2>Holding</h2>
        <ul>
            {#each bench.holds as hold (hold.build + hold.operation)}
                <li>
                    <a class="plain" use:inertia href={route('builds.show', hold.build)}>
                        <Mark kind="hold" />{hold.fixture ?? hold.operation}, No. {hold.build}, free
                        <span class="figure">{when(hold.until)}</span>
                        <span class="quiet small">in {span(-since(hold.until))}</span>
                    </a>
                </li>
            {:else}
                <li class="quiet">Nothing holds.</li>
            {/each}
        </ul>
    </section>
</div>

<style>
    .above {
        position: absolute;
        inset: auto 0 100% 0;
        max-height: 45vh;
        overflow-y: auto;
        display: grid;
        grid-template-columns: 1fr 1fr;
        gap: 1.9rem;
        padding: 0.7rem 1.75rem;
    }

    h2 {
        font-size: 0.95rem;
    }

    li {
        border-top: 1px solid var(--rule);
        padding: 0.25rem 0;
    }
    @media (width < 60rem) {
        .above {
            grid-template-columns: 1fr;
            padding: 0.7rem 1rem;
            gap: 0.7rem;
        }
    }
</style>
