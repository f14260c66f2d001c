<script lang="ts">
    import Mark from '@/components/Mark.svelte';
    import { inertia, router } from '@inertiajs/svelte';
    import { since, when } from '@/lib/bench';
    import { labour } from '@/lib/time';
    import type { Bench } from '@/lib/props';
    import BenchMore from './BenchMore.svelte';
    import { route } from '@/lib/address';

    const { bench, onkeys }: { bench: Bench; onkeys: () => void } = $props();

    let errors = $state<Record<string, string>>({});
    let really = $state('');
    let open = $state(false);

    const mine = $derived(bench.clocks.filter((one) => one.mine));
    const more = $derived(
        Math.max(0, bench.clocks.length - Math.min(1, mine.length)) + Math.max(0, bench.holds.length - 1),
    );

    /** What was refused is said, and answered, above the strip. */
    function refused(said: Record<string, string>): void {
        errors = said;
        open = open || Boolean(said.minutes ?? said.clock);
    }

    function start(operation: number, version: number): void {
        router.post(
            route('operations.clock', operation),
            { version },
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
        <BenchMore {bench} {errors} bind:really />
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
                        onclick={() => start(bench.next?.operationId ?? 0, bench.next?.version ?? 0)}
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
        min-width: 0;
        max-height: 3.4rem;
        line-height: 1.15;
        overflow-wrap: anywhere;
    }

    .when,
    .act {
        flex: none;
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
