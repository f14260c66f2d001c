<script lang="ts">
    import { inertia, useForm } from '@inertiajs/svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import FileField from '@/components/FileField.svelte';
    import { route } from '@/lib/address';
    import { lookAt } from '@/lib/look';
    import type { BoardTableProps, BoardTableSeen } from '@/lib/props';

    const { columns }: BoardTableProps = $props();

    const form = useForm({ file: null as File | null });
    let seen = $state<BoardTableSeen | null>(null);
    let silence = $state('');

    async function choose(file: File): Promise<void> {
        form.file = file;
        form.clearErrors();
        const data = new FormData();
        data.append('file', file);
        const answer = await lookAt<BoardTableSeen>(route('timber.table.look'), data);
        silence = typeof answer === 'string' ? answer : '';
        seen = typeof answer === 'string' ? null : answer;
    }
</script>

<svelte:head><title>Boards as a table · Regimen</title></svelte:head>

<p class="small quiet"><a use:inertia href={route('timber')}>Boards</a> · as a table</p>
<h1>Boards as a table, in and out</h1>
<p class="quiet">
    CSV, one board a line under a line that names the columns: {columns.join(', ')}. A plain number is millimetres;
    inches are written with their mark. A line with the number of a board changes it, one without is a new board. What
    stands in no cell stays as it is.
</p>
<p class="mt-2"><a class="act" href={route('timber.table.file')}>All boards as CSV</a></p>

<form
    class="mt-4"
    novalidate
    onsubmit={(event) => {
        event.preventDefault();
        form.post(route('timber.table'));
    }}
>
    <FileField
        words="Choose a table (.csv)"
        accept={['.csv', '.txt', 'text/csv']}
        chosen={form.file?.name}
        error={form.errors.file ?? silence}
        onfile={choose}
    />
    {#if seen?.problem}<div class="mt-4"><ErrorLine text={seen.problem} /></div>{/if}
    {#if seen && seen.changes.length > 0}
        <section class="sheet mt-4" data-changes>
            <h2>{seen.changes.length === 1 ? 'One board' : `${seen.changes.length} boards`} would be new or changed</h2>
            <ul>
                {#each seen.changes.slice(0, 200) as change, index (index)}
                    <li class="border-t border-t-rule py-1">{change}</li>
                {/each}
            </ul>
        </section>
        <button class="do mt-3" type="submit" disabled={form.processing}>Take them in</button>
    {/if}
</form>
