<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import Beside from '@/components/bench/Beside.svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import Findings from '@/components/specification/Findings.svelte';
    import { Act } from '@/lib/act.svelte';
    import { day } from '@/lib/time';
    import type { MeasuredSheet } from '@/lib/props';
    import { route } from '@/lib/address';

    const { measured, build, open }: { measured: MeasuredSheet; build: number; open: boolean } = $props();

    const act = new Act();
    let part = $state('neck');
    let chosen = $state('');
    let value = $state('');
    let instrument = $state('caliper');
    const fields = $derived(measured.parts.find((one) => one.value === part)?.fields ?? []);
    const field = $derived(fields.some((one) => one.value === chosen) ? chosen : (fields[0]?.value ?? ''));
</script>

<section class="sheet mt-6" id="measured">
    <h2>As drawn, as measured</h2>
    <p class="screen-only small">
        What is read at gates comes here by itself. <a use:inertia href={route('set-up', build)}>Set-up sheet</a>
    </p>
    {#if open}
        <form
            class="screen-only grid grid-cols-[13rem_minmax(0,1fr)_8rem_8rem_auto] gap-[0.8rem] items-start mt-[0.4rem] mx-0 mb-[0.8rem] max-desk:grid-cols-1"
            onsubmit={(event) => {
                event.preventDefault();
                act.post(route('builds.measurements', build), { part, field, value, instrument }, () => (value = ''));
            }}
        >
            <Field name="part" label="Part" bind:value={part} options={measured.parts} error={act.errors.part} />
            <Field
                name="field"
                label="What"
                bind:value={() => field, (to) => (chosen = to)}
                options={fields}
                error={act.errors.field}
            />
            <Field name="value" label="Measured" bind:value error={act.errors.value} />
            <Field name="instrument" label="With" bind:value={instrument} error={act.errors.instrument} />
            <button class="act" type="submit" disabled={act.busy}>Record</button>
        </form>
        <ErrorLine text={act.other('part', 'field', 'value', 'instrument')} />
    {/if}
    {#if measured.rows.length > 0}
        <div class="grid grid-cols-[minmax(0,3fr)_minmax(0,2fr)] gap-8 max-desk:grid-cols-1">
            <table>
                <thead><tr><th>Part</th><th>What</th><th>Drawn</th><th>Measured</th><th></th></tr></thead>
                <tbody>
                    {#each measured.rows as row (row.id)}
                        <tr class={[!row.counts && 'quiet']}>
                            <td>{row.part}</td>
                            <td>{row.name}</td>
                            <td class="figure">{row.drawn}</td>
                            <td class="figure">{row.value}</td>
                            <td class="small quiet"
                                >{day(row.at)}, {row.by}{row.instrument ? `, ${row.instrument}` : ''}{row.counts
                                    ? ''
                                    : '; measured again since'}</td
                            >
                        </tr>
                    {/each}
                </tbody>
            </table>
            <div data-changed>
                {#each measured.problems as problem (problem)}<p class="late">{problem}</p>{/each}
                {#if measured.new.length === 0 && measured.gone.length === 0 && measured.problems.length === 0}
                    <p class="quiet">What was measured changes nothing in the findings.</p>
                {/if}
                {#if measured.new.length > 0}<Findings findings={measured.new} />{/if}
                <Beside changed={measured.changed} />
                {#each measured.gone as finding (finding.key)}<p class="quiet">
                        No longer found: {finding.title}.
                    </p>{/each}
            </div>
        </div>
    {:else}
        <p class="quiet">
            Nothing is measured yet. What arrives often differs from its data sheet: measure before the first cut.
        </p>
    {/if}
</section>

<style>
    form .act {
        margin-top: 1.25rem;
    }
</style>
