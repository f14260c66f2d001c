<script lang="ts">
    import type { BenchTable } from '@/lib/props';

    const { tables }: { tables: BenchTable[] } = $props();
</script>

{#each tables as table (table.key)}
    <section class="mb-[1.2rem]" data-table={table.key}>
        <h2>{table.name}</h2>
        <div class="overflow-x-auto">
            <table>
                <thead
                    ><tr
                        >{#each table.heads as head (head)}<th class="text-[0.75rem]" scope="col">{head}</th>{/each}</tr
                    ></thead
                >
                <tbody>
                    {#each table.rows as row, index (index)}
                        <tr
                            >{#each row as cell, at (at)}<td class="figure">{cell}</td>{/each}</tr
                        >
                    {:else}
                        <tr><td class="quiet" colspan={table.heads.length}>nothing here</td></tr>
                    {/each}
                </tbody>
            </table>
        </div>
    </section>
{/each}

<style>
    td {
        padding: 0.2rem 0.7rem 0.2rem 0;
        font-size: 0.85rem;
        font-weight: 450;
        white-space: nowrap;
    }
</style>
