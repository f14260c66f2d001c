<script lang="ts">
    import { route } from '@/lib/address';
    import { moment } from '@/lib/time';
    import type { LogLine } from '@/lib/props';

    const { logbook }: { logbook: LogLine[] } = $props();

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
                    >{line.text}
                    {#if photograph(line)}<a class="screen-only" href={route('photographs.one', photograph(line))}
                            >Look at it</a
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
</section>
