<script lang="ts">
    import { inertia, page } from '@inertiajs/svelte';
    import { onMount, tick } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import Beside from '@/components/bench/Beside.svelte';
    import Caliper from '@/components/bench/Caliper.svelte';
    import Chart from '@/components/bench/Chart.svelte';
    import MarkedDrawing from '@/components/bench/MarkedDrawing.svelte';
    import Outside from '@/components/bench/Outside.svelte';
    import PlaceRow from '@/components/bench/PlaceRow.svelte';
    import Waiting from '@/components/bench/Waiting.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';
    import { openWithoutServer } from '@/lib/presses.svelte';
    import type { GateProps } from '@/lib/props';

    const {
        headline,
        under,
        operation,
        version,
        build,
        open,
        problem,
        drawing,
        marks,
        lines,
        outside,
        changed,
        new: findings,
        pieces,
        chart,
        lastReading,
        canClose,
        manager,
    }: GateProps = $props();

    const act = new Act();
    let letting = $state(false);
    let because = $state('');
    let here = $state<number | null>(null);
    let sent = $state<{ number: number; typed: string } | null>(null);

    const places = $derived(lines.flatMap((line) => line.places.map((place) => ({ line, place }))));
    const current = $derived(places.find(({ place }) => place.number === here));

    const unread = (after: number): number | null =>
        (
            places.find(({ place, line }) => place.readings.length === 0 && !line.seen && place.number > after) ??
            places.find(({ place, line }) => place.readings.length === 0 && !line.seen)
        )?.place.number ?? null;

    async function goTo(number: number | null): Promise<void> {
        here = number;
        sent = null;
        await tick();
        if (number !== null) {
            document.querySelector<HTMLInputElement>(`input[name="place-${number}"]`)?.focus();
        }
    }

    function photograph(file: File | undefined): void {
        if (file) {
            act.post(route('operations.photographs', operation), { photograph: file, caption: '', gate: true });
        }
    }

    onMount(() => {
        if (open) {
            void goTo(unread(0));
        }
        return openWithoutServer();
    });
</script>

<svelte:head><title>Readings · Regimen</title></svelte:head>

<p class="small quiet">
    <a class="inline-flex items-center min-h-(--target)" use:inertia href={route('bench') + `?operation=${operation}`}
        >Bench</a
    >
    ·
    <a
        class="inline-flex items-center min-h-(--target)"
        use:inertia
        href={route('builds.show', build) + `#operation-${operation}`}>No. {build}</a
    >
</p>
<h1>{headline}</h1>
<p class="quiet">{under}{open && here !== null ? ' The next reading goes where the frame is.' : ''}</p>
{#if problem}<p class="border-l-4 border-l-ochre pl-3 my-2">{problem}</p>{/if}

{#if page.props.viewer}<Waiting person={page.props.viewer.id} shared={false} />{/if}

<div class="gate">
    <figure><MarkedDrawing {drawing} words={drawing.title} {marks} next={here} /></figure>
    <div class="min-w-0">
        <table>
            <thead class="max-md:hidden">
                <tr><th>place</th><th>what</th><th>with</th><th>target</th><th>reading</th><th></th></tr>
            </thead>
            <tbody>
                {#each lines as line (line.key)}
                    {#each line.places as place, index (place.number)}
                        <PlaceRow
                            {operation}
                            {line}
                            {place}
                            first={index === 0}
                            {open}
                            seen={lastReading}
                            sent={sent?.number === place.number ? sent.typed : ''}
                            tool={sent?.number === place.number ? 'simulated caliper' : ''}
                            next={() => goTo(unread(place.number))}
                            onfocus={() => (here = place.number)}
                        />
                    {/each}
                {/each}
            </tbody>
        </table>

        {#each outside as line (line.key)}
            <Outside {line} {operation} {version} {pieces} />
        {/each}

        {#if changed.length > 0 || findings.length > 0}
            <section class="sheet mt-4" aria-label="What the readings change">
                <h2>What the readings change</h2>
                {#each findings as finding (finding.key)}
                    <p class={finding.severity === 'stop' ? 'late' : 'tight'}>
                        <b>{finding.title}</b>
                        {finding.figures}
                        <span class="quiet small block">{finding.because}</span>
                    </p>
                {/each}
                <Beside {changed} />
            </section>
        {/if}

        {#if open}
            <p class="flex gap-3 flex-wrap mt-4">
                <button
                    class="do min-h-[3rem]"
                    type="button"
                    disabled={act.busy || !canClose}
                    onclick={() => act.post(route('gate.close', operation), { version })}>Close the gate: done</button
                >
                {#if manager}
                    <button
                        class="act min-h-[3rem]"
                        type="button"
                        aria-expanded={letting}
                        onclick={() => (letting = !letting)}>Let it through</button
                    >
                {/if}
                <label class="act min-h-[3rem] justify-center cursor-pointer">
                    Photograph
                    <input
                        class="sr-only"
                        type="file"
                        accept="image/jpeg,image/png,image/webp"
                        capture="environment"
                        onchange={(event) => photograph(event.currentTarget.files?.[0])}
                    />
                </label>
            </p>
            {#if letting}
                <form
                    class="max-w-xl mt-2"
                    onsubmit={(event) => {
                        event.preventDefault();
                        act.post(route('gate.let-through', operation), { version, because });
                    }}
                >
                    <Field
                        name="through"
                        label="Why it goes through as it is"
                        bind:value={because}
                        error={act.errors.because}
                    />
                    <button class="do mt-2" type="submit" disabled={act.busy}>Let it through, done</button>
                </form>
            {/if}
            <ErrorLine text={act.other('because')} />
            {#if current && !current.line.seen}
                <Caliper
                    {operation}
                    line={current.line.key}
                    place={current.place.place}
                    ontyped={(typed) => {
                        sent = here === null ? null : { number: here, typed };
                    }}
                />
            {/if}
        {/if}
    </div>
    <aside>
        {#if chart}<Chart {chart} />{/if}
    </aside>
</div>

<style>
    .gate {
        display: grid;
        grid-template-columns: minmax(14rem, 20rem) minmax(0, 1fr) 16rem;
        gap: 1.6rem;
        margin-top: 0.8rem;
    }
    @media (width < 75rem) {
        .gate {
            grid-template-columns: minmax(14rem, 20rem) minmax(0, 1fr);
        }

        aside {
            grid-column: 1 / -1;
            max-width: 24rem;
        }
    }
    @media (width < 48rem) {
        .gate {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
