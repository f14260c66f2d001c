<script lang="ts">
    import { useForm } from '@inertiajs/svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import FileField from '@/components/FileField.svelte';
    import { route } from '@/lib/address';
    import { lookAt } from '@/lib/look';
    import type { FinishedProps, TableSeen } from '@/lib/props';

    const { meanings, models }: FinishedProps = $props();

    const form = useForm({
        file: null as File | null,
        columns: [] as string[],
        day_first: '1',
        model_id: '',
    });
    let seen = $state<TableSeen | null>(null);
    let silence = $state('');

    const errors = $derived(form.errors as Record<string, string | undefined>);
    const choices = $derived([{ value: '', words: 'not taken' }, ...meanings]);

    async function look(): Promise<void> {
        const data = new FormData();
        if (form.file) {
            data.append('file', form.file);
        }
        form.columns.forEach((meaning, index) => data.append(`columns[${index}]`, meaning));
        data.append('day_first', form.day_first);
        form.clearErrors();
        const answer = await lookAt<TableSeen>(route('finished.look'), data);
        silence = typeof answer === 'string' ? answer : '';
        seen = typeof answer === 'string' ? null : answer;
    }

    async function choose(file: File): Promise<void> {
        form.file = file;
        form.columns = [];
        await look();
        form.columns = [...(seen?.guesses ?? [])];
        if (form.columns.some((one) => one !== '')) {
            await look();
        }
    }

    async function match(index: number, meaning: string): Promise<void> {
        form.columns[index] = meaning;
        await look();
    }

    function save(event: SubmitEvent): void {
        event.preventDefault();
        form.post(route('finished'));
    }
</script>

<svelte:head><title>Finished instruments · Regimen</title></svelte:head>

<h1>Finished instruments, with the hours they took</h1>
<p class="quiet">
    A table as CSV, one instrument a line. The house standards learn from its hours. You see what would be taken before
    anything is; a line that cannot be read stops all of it.
</p>

<form onsubmit={save} novalidate class="mt-4">
    <FileField
        words="Choose a table (.csv)"
        accept={['.csv', '.txt', 'text/csv']}
        chosen={form.file?.name}
        error={errors.file ?? silence}
        onfile={choose}
    />
    {#if seen && seen.columns.length > 0}
        <section class="sheet mt-4 overflow-x-auto">
            <h2>What each column is</h2>
            <table>
                <thead>
                    <tr>
                        {#each seen.columns as column, index (index)}
                            <th class="min-w-[9rem]">
                                <Field
                                    name={`columns.${index}`}
                                    label={column || `column ${index + 1}`}
                                    bind:value={
                                        () => form.columns[index] ?? '', (meaning) => void match(index, meaning)
                                    }
                                    options={choices}
                                    error={errors[`columns.${index}`]}
                                />
                            </th>
                        {/each}
                    </tr>
                </thead>
                <tbody>
                    {#each seen.rows as row, line (line)}
                        <tr>
                            {#each row as cell, index (index)}<td class="figure small">{cell}</td>{/each}
                        </tr>
                    {/each}
                </tbody>
            </table>
        </section>
        <div class="grid grid-cols-2 gap-4 max-w-[36rem] mt-4 max-desk:grid-cols-1">
            <Field
                name="day_first"
                label="3/4/2026 means"
                bind:value={() => form.day_first, (order) => ((form.day_first = order), void look())}
                options={[
                    { value: '1', words: '3 April' },
                    { value: '0', words: '4 March' },
                ]}
            />
            <Field
                name="model_id"
                label="They were built as"
                bind:value={form.model_id}
                error={errors.model_id}
                options={[
                    { value: '', words: 'the house’s own way' },
                    ...models.map((model) => ({ value: String(model.id), words: model.name })),
                ]}
            />
        </div>
    {/if}
    {#if seen?.problem}<div class="mt-4"><ErrorLine text={seen.problem} /></div>{/if}
    {#if seen?.words}
        <p class="mt-4" role="status">{seen.words}</p>
        <button class="do mt-2" type="submit" disabled={form.processing}>Take them in</button>
    {/if}
</form>
