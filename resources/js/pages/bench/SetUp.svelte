<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Frets from '@/components/bench/Frets.svelte';
    import SetUpRows from '@/components/bench/SetUpRows.svelte';
    import { Act } from '@/lib/act.svelte';
    import { moment } from '@/lib/time';
    import { route } from '@/lib/address';
    import type { SetUpProps } from '@/lib/props';

    const { build, title, headline, settled, steps, frets, fretCount, tap, latest, gate, caution }: SetUpProps =
        $props();

    const act = new Act();
</script>

<svelte:head><title>Set-up of No. {build} · Regimen</title></svelte:head>

<p class="small quiet">
    <a class="inline-flex items-center min-h-(--target)" use:inertia href={route('builds.show', build)}
        >{build} · {title}</a
    > · set-up
</p>
<h1>{headline}</h1>
<p class="quiet">
    {settled
        ? 'After the rest: read everything again.'
        : 'Relief, nut, action, intonation, pickups; then it rests under tension and is read again.'}
</p>

<div class="desk:grid desk:grid-cols-[minmax(0,1fr)_20rem] desk:gap-8">
    <div>
        {#each steps as row (row.step)}<SetUpRows {row} {build} {settled} />{/each}
        <Frets {frets} count={fretCount} {build} />
        {#if gate !== null}
            <p class="mt-4">
                <button
                    class="act min-h-[2.75rem]"
                    type="button"
                    disabled={act.busy}
                    onclick={() => act.post(route('set-up.to-gate', gate ?? 0), { settled })}
                    >Take it over into the gate</button
                >
            </p>
            <ErrorLine text={act.other()} />
        {/if}
    </div>
    <aside>
        {#if tap.length > 0}
            <section class="sheet mt-3">
                <h2>Tap test</h2>
                <table class="small">
                    <thead><tr><th></th><th>sounds</th><th>alone</th><th>at the jack</th></tr></thead>
                    <tbody>
                        {#each tap as one (one.number)}
                            <tr>
                                <td class="figure">{one.number}</td>
                                <td
                                    >{one.sounds}{#if one.silent}<span class="quiet block">not {one.silent}</span
                                        >{/if}</td
                                >
                                <td class="figure">{one.alone}</td>
                                <td class="figure">{one.atJack}</td>
                            </tr>
                        {/each}
                    </tbody>
                </table>
            </section>
        {/if}
        <section class="sheet mt-3">
            <h2>Done so far</h2>
            <ul class="small">
                {#each latest as one (one.id)}
                    <li class="py-1 border-b border-rule">
                        {one.words} <span class="quiet">{one.by}, {moment(one.at)}</span>
                        <button
                            class="word"
                            type="button"
                            disabled={act.busy}
                            aria-label={`Take back ${one.words}`}
                            onclick={() => act.post(route('set-up.undo', { build, reading: one.id }))}>take back</button
                        >
                    </li>
                {:else}
                    <li class="quiet">Nothing has been read yet.</li>
                {/each}
            </ul>
        </section>
        <p class="small quiet mt-3">{caution}</p>
    </aside>
</div>
