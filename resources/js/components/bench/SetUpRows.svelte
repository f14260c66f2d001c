<script lang="ts">
    import ErrorLine from '@/components/ErrorLine.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';
    import type { SetUpStepRows } from '@/lib/props';

    interface Props {
        row: SetUpStepRows;
        build: number;
        settled: boolean;
    }

    const { row, build, settled }: Props = $props();

    const act = new Act();
    let values = $state<Record<string, string>>({});
    let open = $derived(row.now);

    function save(event: SubmitEvent): void {
        event.preventDefault();
        const did = row.advice.map((one) => one.words).join(' ');
        act.post(route('set-up.readings', build), { step: row.step, values, settled, did: did.slice(0, 200) }, () => {
            values = {};
        });
    }

    const wrong = (index: number): string | undefined => act.errors[`values.${index}`];
</script>

<section class="sheet mt-3" data-step={row.step}>
    <h2>
        <button class="word" type="button" aria-expanded={open} onclick={() => (open = !open)}>{row.step}</button>
        <span class="small quiet">{row.now ? 'next' : row.done ? 'as it should be' : ''}</span>
    </h2>
    {#each row.advice as one (one.words)}
        <p class={one.possible ? '' : 'late'}>{one.words}</p>
    {/each}
    {#if open}
        <form onsubmit={save}>
            <p class="small quiet">{row.words}; {row.tool}</p>
            <div class="cells">
                {#each row.cells as cell, index (cell.string)}
                    <label class="cell">
                        <span class="small">{cell.name}</span>
                        <span class="figure small quiet">{cell.target}</span>
                        <span class={['figure', cell.value !== '' && !cell.good && 'late']}>{cell.value || '–'}</span>
                        {#if row.before[index]}<span class="small quiet">before the rest {row.before[index]}</span>{/if}
                        <input
                            class="field figure"
                            aria-label={`${row.step}, ${cell.name}`}
                            inputmode="decimal"
                            autocomplete="off"
                            bind:value={() => values[cell.string] ?? '', (typed) => (values[cell.string] = typed)}
                        />
                        <ErrorLine text={wrong(cell.string)} />
                    </label>
                {/each}
            </div>
            <p class="mt-2">
                <button class="do min-h-[2.75rem]" type="submit" disabled={act.busy}>Write down the {row.step}</button>
            </p>
            <ErrorLine text={act.errors.values ?? act.errors.step} />
        </form>
    {/if}
</section>

<style>
    .cells {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(7.5rem, 1fr));
        gap: 0.9rem;
        margin-top: 0.4rem;
    }

    .cell {
        display: grid;
        gap: 0.1rem;
    }

    input {
        min-height: 2.75rem;
    }
</style>
