<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import { route } from '@/lib/address';
    import { moment } from '@/lib/time';
    import type { LogLine } from '@/lib/props';

    const { logbook, build }: { logbook: LogLine[]; build: number } = $props();

    /** The number of the photograph that an entry tells of; empty for any other. */
    const photograph = (line: LogLine): string =>
        line.kind === 'photograph' ? (/^Photograph (\d+)/.exec(line.text)?.[1] ?? '') : '';

    const FIRST = 12;
    let all = $state(false);
    const shown = $derived(all ? logbook : logbook.slice(0, FIRST));
</script>

<section class="sheet mt-6" id="logbook">
    <h2>Logbook</h2>
    <ol>
        {#each shown as line (line.id)}
            <li
                class="grid grid-cols-[10rem_8rem_minmax(0,1fr)] gap-3 border-t border-t-rule py-1 items-baseline max-desk:grid-cols-[1fr] max-desk:gap-0"
            >
                <span class="figure quiet small">{moment(line.at)}</span>
                <span class="quiet">{line.by ?? 'Regimen'}</span>
                <span
                    ><span class:line-through={line.corrected.length > 0}>{line.text}</span>
                    {#each line.corrected as later, index (index)}<b class="block">Corrected: {later}</b>{/each}
                    {#if photograph(line)}<a
                            class="screen-only inline-flex items-center min-h-(--target)"
                            href={route('photographs.one', photograph(line))}>Look at it</a
                        >{/if}</span
                >
            </li>
        {/each}
    </ol>
    {#if !all && logbook.length > FIRST}
        <button class="word screen-only" type="button" onclick={() => (all = true)}
            >Show {logbook.length - FIRST} earlier entries</button
        >
    {/if}
    <p class="small mt-2 screen-only">
        <a
            class="inline-flex items-center min-h-(--target)"
            use:inertia
            href={route('logbook', { build: String(build) })}>Search, print or correct the logbook</a
        >
    </p>
</section>
