<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import TableIn from '@/components/stores/TableIn.svelte';
    import { route } from '@/lib/address';
    import type { PartTableProps } from '@/lib/props';

    const { columns }: PartTableProps = $props();
</script>

<svelte:head><title>Parts as a table · Regimen</title></svelte:head>

<p class="small quiet">
    <a use:inertia href={route('stores')}>Stores</a> · <a use:inertia href={route('stores.parts')}>catalogue</a> · as a table
</p>
<h1>Parts, prices and stock as a table, in and out</h1>
<p class="quiet">
    CSV, under a line that names the columns: {columns.join(', ')}. A line is a part; one that several sell has a line
    for each of them. A part that is not in the catalogue yet needs its kind and unit. Stock is what was counted: the
    difference is booked. What stands in no cell stays as it is.
</p>
<p class="mt-2"><a class="act" href={route('stores.table.file')}>All parts as CSV</a></p>
<TableIn look={route('stores.table.look')} to={route('stores.table')} one="line" />
