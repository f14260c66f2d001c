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
    let open = $state(false);

    const mine = $derived(bench.clocks.filter((one) => one.mine));
    const others = $derived(bench.clocks.filter((one) => !one.mine));
    const since = (instant: string): number => (shopClock.now.getTime() - Date.parse(instant)) / 60000;
    const until = (instant: string): number => (Date.parse(instant) - shopClock.now.getTime()) / 60000;
    const more = $derived(
        Math.max(0, bench.clocks.length - Math.min(1, mine.length)) + Math.max(0, bench.holds.length - 1),
    );
    const today = (instant: string): boolean => dateOf(instant) === dateOf(shopClock.now);

    const when = (instant: string): string => (today(instant) ? clock(instant) : day(instant));

    /** What was refused is said, and answered, above the strip. */
    function refused(said: Record<string, string>): void {
        errors = said;
        open = open || Boolean(said.minutes ?? said.clock);
    }

    function start(operation: number): void {
        router.post(
            route('operations.clock', operation),
            {},
            {
                preserveScroll: true,
                preserveState: true,
                onError: refused,
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
                onError: refused,
                onSuccess: () => {
                    errors = {};
                    really = '';
                },
            },
        );
    }
</script>

<svelte:window onkeydown={(event) => event.key === 'Escape' && (open = false)} />

<footer class="screen-only strip bg-paper border-t-2 border-t-ink" aria-label="Bench strip">
    {#if open}
        <div class="above bg-paper border-t-2 border-t-ink" id="bench-more">
            <section>
                <h2>On the clock</h2>
                <ul>
                    {#each [...mine, ...others] as one (one.id)}
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
                                <span class="quiet small">in {span(until(hold.until))}</span>
                            </a>
                        </li>
                    {:else}
                        <li class="quiet">Nothing holds.</li>
                    {/each}
                </ul>
            </section>
        </div>
    {/if}
    <div class="row">
        <section class="mine">
            {#each mine.slice(0, 1) as one (one.id)}
                <a
                    class="plain words"
                    use:inertia
                    href={route('builds.show', one.build) + `#operation-${one.operationId}`}
                    ><span class="figure text-accent">{labour(since(one.since))}</span>
                    <b>{one.build}</b>
                    {one.operation}</a
                >
                <button class="act" type="button" onclick={() => stop(one.id)}>Stop clock</button>
            {:else}
                <span class="quiet words">Your clock stands still.</span>
            {/each}
        </section>
        <section class="next">
            {#if bench.next}
                <a
                    class="words"
                    use:inertia
                    href={route('builds.show', bench.next.build) + `#operation-${bench.next.operationId}`}
                    >Next: {bench.next.build} {bench.next.operation}</a
                >
                <span class="quiet figure when">{when(bench.next.start)}</span>
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
            {:else}
                <span class="quiet words">Nothing is planned for you.</span>
            {/if}
        </section>
        <section class="holds">
            {#each bench.holds.slice(0, 1) as hold (hold.build + hold.operation)}
                <a class="plain words" use:inertia href={route('builds.show', hold.build)}>
                    <Mark kind="hold" />{hold.fixture ?? hold.operation}, No. {hold.build}, free
                    <span class="figure">{when(hold.until)}</span>
                </a>
            {:else}
                <span class="quiet words">Nothing holds.</span>
            {/each}
        </section>
        <button
            class="word more"
            type="button"
            aria-expanded={open}
            aria-controls={open ? 'bench-more' : undefined}
            onclick={() => (open = !open)}>{open ? 'Less' : more > 0 ? `${more} more` : 'More'}</button
        >
        <button class="word figure keys" type="button" onclick={onkeys} aria-label="Show the keys">?</button>
    </div>
</footer>

<style>
    .strip {
        position: fixed;
        inset: auto 0 0 0;
        z-index: 10;
    }

    .row {
        display: grid;
        grid-template-columns: 1.25fr 1.25fr 1.1fr auto auto;
        align-items: center;
        height: 3.4rem;
        padding: 0 1.75rem;
        gap: 1.4rem;
    }

    .row section {
        display: flex;
        align-items: center;
        gap: 0.6rem;
        min-width: 0;
    }

    .words {
        overflow: hidden;
        white-space: nowrap;
        text-overflow: ellipsis;
        min-width: 0;
    }

    .when,
    .act {
        flex: none;
    }

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

    .act {
        min-height: 1.9rem;
        font-size: 0.85rem;
    }

    .more,
    .keys {
        min-width: 24px;
    }
    @media (width < 60rem) {
        .row {
            grid-template-columns: minmax(0, 1fr) auto;
            padding: 0 1rem;
            gap: 0.8rem;
            height: 3.75rem;
        }

        .above {
            grid-template-columns: 1fr;
            padding: 0.7rem 1rem;
            gap: 0.7rem;
        }

        .row .holds,
        .row .keys,
        .row:has(.mine .act) .next,
        .row:not(:has(.mine .act)) .mine {
            display: none;
        }

        .act,
        .more {
            min-height: 44px;
            min-width: 44px;
        }
    }
</style>
