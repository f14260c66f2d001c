<script lang="ts">
    import { inertia, useForm } from '@inertiajs/svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import StageRow from '@/components/taking-in/StageRow.svelte';
    import { allAfter, allBefore, type Come } from '@/components/taking-in/said';
    import { route } from '@/lib/address';
    import type { TakingInProps } from '@/lib/props';

    const { number, name, version, stages, kit, people, worker }: TakingInProps = $props();

    const states = $state<Record<number, Come>>({});
    const hours = $state<Record<string, string>>({});
    const begun = $state<Record<number, string>>({});
    const until = $state<Record<number, string>>({});
    const parts = $state<Record<number, string>>({});
    const expected = $state<Record<number, string>>({});

    const form = useForm({ version: 0, worker_id: '' });
    let who = $state<string | undefined>();
    const chosen = $derived(who ?? String(worker));
    const errors = $derived(form.errors as Record<string, string | undefined>);
    const come = (operation: number): Come => states[operation] ?? 'open';
    const said = { come, hours, begun, until };

    /** What is begun comes after what is done; what is not begun has nothing behind it. */
    function set(ids: number[], state: Come): void {
        for (const id of ids) {
            states[id] = state;
        }
        if (state !== 'open') {
            for (const id of allBefore(stages, ids)) {
                states[id] = 'done';
            }
        }
        if (state !== 'done') {
            for (const id of allAfter(stages, ids)) {
                states[id] = 'open';
            }
        }
        form.clearErrors();
    }

    function save(event: SubmitEvent): void {
        event.preventDefault();
        form.transform(() => ({
            version,
            worker_id: chosen,
            hours: Object.fromEntries(Object.entries(hours).filter(([, typed]) => typed)),
            operations: Object.fromEntries(
                Object.entries(states)
                    .filter(([, state]) => state !== 'open')
                    .map(([id, state]) => [
                        id,
                        { state, until: until[Number(id)] ?? '', hours: begun[Number(id)] ?? '' },
                    ]),
            ),
            kit: Object.fromEntries(
                Object.entries(parts).map(([id, state]) => [id, { state, expected_on: expected[Number(id)] ?? '' }]),
            ),
        }));
        form.post(route('builds.taking-in', number), {
            onError: () =>
                requestAnimationFrame(() => document.querySelector<HTMLElement>('form [aria-invalid="true"]')?.focus()),
        });
    }
</script>

<svelte:head><title>Take in {name} · Regimen</title></svelte:head>

<h1>How far has {name} come?</h1>
<p class="quiet">
    Tick what is done; what comes before it is ticked with it. What you do not know stays open. Hours are taken as
    remembered, never as if a clock had run. Then it is planned with the others.
</p>

<form onsubmit={save} novalidate class="mt-4">
    <section class="sheet">
        <h2>The work</h2>
        <ErrorLine text={errors.operations ?? errors.conflict} />
        <ul>
            {#each stages as stage (stage.stage)}
                <StageRow {stage} {said} {errors} onset={set} />
            {/each}
        </ul>
        <div class="max-w-[18rem] my-3">
            <Field
                name="worker_id"
                label="Whose hours they were"
                bind:value={() => chosen, (id) => (who = id)}
                error={errors.worker_id}
                options={people.map((person) => ({ value: String(person.id), words: person.name }))}
            />
        </div>
    </section>

    <section class="sheet mt-4">
        <h2>Timber and parts</h2>
        <p class="quiet small">What the work above was built with counts as used.</p>
        <ul>
            {#each kit as part (part.id)}
                <li
                    class="grid grid-cols-[minmax(0,1fr)_11rem_12rem] gap-x-4 items-center border-b border-b-rule py-1 max-desk:grid-cols-[minmax(0,1fr)_11rem]"
                    data-part={part.name}
                >
                    <label for={`part-${part.id}`}>{part.name} <span class="figure small">{part.amount}</span></label>
                    <select
                        id={`part-${part.id}`}
                        class="field"
                        bind:value={() => parts[part.id] ?? 'needed', (state) => (parts[part.id] = state)}
                    >
                        <option value="needed">to order</option>
                        <option value="ordered">on order</option>
                        <option value="arrived">in the shop</option>
                        <option value="used">used</option>
                    </select>
                    {#if parts[part.id] === 'ordered'}
                        <Field
                            name={`expected.${part.id}`}
                            label="Expected on"
                            type="date"
                            bind:value={() => expected[part.id] ?? '', (day) => (expected[part.id] = day)}
                            error={errors[`kit.${part.id}.expected_on`]}
                        />
                    {:else}<span></span>{/if}
                </li>
            {/each}
        </ul>
    </section>

    <p class="flex gap-4 mt-4 items-center">
        <button class="do" type="submit" disabled={form.processing}>Take it in</button>
        <a use:inertia href={route('builds.show', number)}>Nothing is done yet</a>
    </p>
</form>
