<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import TableIn from '@/components/stores/TableIn.svelte';
    import { route } from '@/lib/address';
    import type { BoardTableProps } from '@/lib/props';

    const { columns }: BoardTableProps = $props();
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

<TableIn look={route('timber.table.look')} to={route('timber.table')} one="board" />
