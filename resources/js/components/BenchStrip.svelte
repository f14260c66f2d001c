<script lang="ts">
    import Mark from '@/components/Mark.svelte';
    import { inertia, router } from '@inertiajs/svelte';
    import { shopClock } from '@/lib/now.svelte';
    import { clock, dateOf, day, labour, span } from '@/lib/time';
    import type { Bench } from '@/lib/props';
    import ErrorLine from './ErrorLine.svelte';
    import { route } from '@/lib/address';

    const { bench, onkeys }: { bench: Bench; onkeys: () => void } = $props();

    let errors = $state<Record<string, string>>({});
    let really = $state('');

    const mine = $derived(bench.clocks.filter((one) => one.mine));
    const others = $derived(bench.clocks.filter((one) => !one.mine));
    const since = (instant: string): number => (shopClock.now.getTime() - Date.parse(instant)) / 60000;
    const until = (instant: string): number => (Date.parse(instant) - shopClock.now.getTime()) / 60000;
    const today = (instant: string): boolean => dateOf(instant) === dateOf(shopClock.now);

    function start(operation: number): void {
        router.post(
            route('operations.clock', operation),
            {},
            {
                preserveScroll: true,
                preserveState: true,
                onError: (said) => (errors = said),
                onSuccess: () => (errors = {}),
            },
        );
    }

    function stop(id: number): void {
        router.post(
            route('clocks.stop', id),
            { minutes: really },
            {
                preserveScroll: true,
                preserveState: true,
                onError: (said) => (errors = said),
                onSuccess: () => {
                    errors = {};
                    really = '';
                },
            },
        );
    }
</script>

<footer
    class="screen-only [position:fixed] [inset:auto_0_0_0] grid grid-cols-[1.3fr_1.9fr_1fr_auto] bg-paper border-t-2 border-t-ink [z-index:10] [max-height:45vh] [overflow-y:auto] max-desk:grid-cols-[1fr_1fr] max-desk:[max-height:32vh]"
    aria-label="Bench strip"
>
    <section class:idle={mine.length === 0}>
        <h2>On the clock</h2>
        {#each mine as one (one.id)}
            <p>
                <b>{one.person.split(' ')[0]}</b> ·
                <a class="plain" use:inertia href={route('builds.show', one.build) + `#operation-${one.operationId}`}
                    >{one.build} {one.operation}</a
                >
                <span class="figure text-accent">{labour(since(one.since))}</span>
                <button class="act" type="button" onclick={() => stop(one.id)}>Stop clock</button>
            </p>
            {#if errors.minutes}
                <label>
                    Really worked
                    <input class="field" bind:value={really} aria-invalid="true" aria-describedby="really-worked" />
                </label>
                <ErrorLine id="really-worked" text={errors.minutes} />
            {/if}
        {/each}
        {#if others.length > 0}
            <p class="others">
                {#each others as one (one.id)}
                    <a
                        class="plain"
                        use:inertia
                        href={route('builds.show', one.build) + `#operation-${one.operationId}`}
                        title={`${one.build} ${one.operation}`}
                    >
                        <b>{one.person.split(' ')[0]}</b>
                        {one.build} <span class="figure text-accent">{labour(since(one.since))}</span>
                    </a>
                {/each}
            </p>
        {:else if mine.length === 0}
            <p class="quiet">No clock runs.</p>
        {/if}
        {#if mine.length > 0}<ErrorLine text={errors.clock} />{/if}
    </section>
    <section>
        <h2>Holding</h2>
        <p class="holds flex flex-wrap gap-y-[0.1rem] gap-x-[1.1rem]">
            {#each bench.holds.slice(0, 3) as hold (hold.build + hold.operation)}
                <a class="plain" use:inertia href={route('builds.show', hold.build)}>
                    <Mark kind="hold" />{hold.fixture ?? hold.operation} · {hold.build},
                    <span class="figure">{today(hold.until) ? clock(hold.until) : day(hold.until)}</span>
                    <span class="quiet small">in {span(until(hold.until))}</span>
                </a>
            {:else}
                <span class="quiet">Nothing holds.</span>
            {/each}
        </p>
    </section>
    <section>
        <h2>Next for you</h2>
        {#if bench.next}
            <p>
                <a use:inertia href={route('builds.show', bench.next.build) + `#operation-${bench.next.operationId}`}
                    >{bench.next.build} {bench.next.operation}</a
                >
                <span class="quiet figure"
                    >{today(bench.next.start) ? clock(bench.next.start) : day(bench.next.start)}</span
                >
                {#if mine.length === 0}
                    <button
                        class="act"
                        type="button"
                        aria-label={`Start clock on ${bench.next.build} ${bench.next.operation}`}
                        onclick={() => start(bench.next?.operationId ?? 0)}
                    >
                        Start clock
                    </button>
                {/if}
            </p>
            {#if mine.length === 0}<ErrorLine text={errors.clock} />{/if}
        {:else}
            <p class="quiet">Nothing is planned for you.</p>
        {/if}
    </section>
    <section class="keys">
        <h2>Keys</h2>
        <button class="word figure" type="button" onclick={onkeys} aria-label="Show the keys">?</button>
    </section>
</footer>

<style>
    section {
        padding: 0.45rem 1rem 0.5rem;
        border-left: 1px solid var(--rule);
        min-width: 0;
    }

    section:first-child {
        border-left: 0;
        padding-left: 1.75rem;
    }

    h2 {
        font-family: inherit;
        font-size: 0.72rem;
        font-weight: 600;
        letter-spacing: 0;
        color: var(--quiet);
    }

    .others {
        display: flex;
        flex-wrap: wrap;
        gap: 0 1rem;
        font-size: 0.82rem;
    }

    .holds a {
        white-space: nowrap;
    }

    .act {
        margin-left: 0.5rem;
        min-height: 1.7rem;
        font-size: 0.85rem;
    }
    @media (width < 60rem) {
        section,
        section:first-child {
            padding: 0.3rem 1rem;
            border-left: 0;
        }

        section:first-child {
            grid-column: 1 / -1;
            border-bottom: 1px solid var(--rule);
        }

        .keys,
        .idle,
        .others {
            display: none;
        }

        .holds a {
            white-space: normal;
        }

        .holds .small,
        .holds a:nth-child(n + 2) {
            display: none;
        }

        .act {
            min-height: 44px;
        }
    }
</style>
