<script lang="ts">
    import { moment } from '@/lib/time';
    import type { LogLine } from '@/lib/props';

    const { logbook }: { logbook: LogLine[] } = $props();

    const FIRST = 12;
    let all = $state(false);
    const shown = $derived(all ? logbook : logbook.slice(0, FIRST));
</script>

<section class="sheet" id="logbook">
    <h2>Logbook</h2>
    <ol>
        {#each shown as line (line.id)}
            <li>
                <span class="figure quiet small">{moment(line.at)}</span>
                <span class="quiet">{line.by ?? 'Regimen'}</span>
                <span>{line.text}</span>
            </li>
        {/each}
    </ol>
    {#if !all && logbook.length > FIRST}
        <button class="word screen-only" type="button" onclick={() => (all = true)}
            >Show {logbook.length - FIRST} earlier entries</button
        >
    {/if}
</section>

<style>
    section {
        margin-top: 1.5rem;
    }

    li {
        display: grid;
        grid-template-columns: 10rem 8rem minmax(0, 1fr);
        gap: 0.75rem;
        border-top: 1px solid var(--rule);
        padding: 0.25rem 0;
        align-items: baseline;
    }

    @media (width < 60rem) {
        li {
            grid-template-columns: 1fr;
            gap: 0;
        }
    }
</style>
