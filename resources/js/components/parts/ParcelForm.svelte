<!-- A parcel is opened: how many of each came, what is wrong, where it goes. All of it in one gesture where all is right. -->
<script lang="ts">
    import { untrack } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { amount } from '@/lib/amount';
    import { route } from '@/lib/address';
    import type { OrderedLine, OrderProps } from '@/lib/props';

    const { order, manager }: { order: OrderProps; manager: boolean } = $props();

    const act = new Act();
    let looking = $state(false);
    let all = $state(false);
    let freight = $state(untrack(() => order.freight));
    let said = $state<Record<string, Record<string, string>>>({});
    let measured = $state<Record<string, Record<string, string>>>({});
    const lines = $derived(order.lines.filter((one) => one.missing > 0));

    const of = (line: OrderedLine, field: string): string =>
        said[line.id]?.[field] ??
        (field === 'came'
            ? String(line.missing)
            : field === 'cost'
              ? (line.costToCome ?? '')
              : field === 'place'
                ? line.place
                : '');

    const say = (line: OrderedLine, field: string, value: string): void => {
        said = { ...said, [line.id]: { ...said[line.id], [field]: value } };
    };

    function send(): void {
        const sent: Record<string, Record<string, string>> = {};
        for (const line of lines) {
            const came = of(line, 'came');
            sent[line.id] = {
                came,
                wrong: of(line, 'wrong'),
                because: of(line, 'because'),
                place: of(line, 'place'),
                best_before: of(line, 'best_before'),
                // Less came than was ordered: it costs its share, unless something else was typed.
                cost: said[line.id]?.cost ?? (came === String(line.missing) ? (line.costToCome ?? '') : ''),
            };
        }
        act.post(
            route('stores.orders.parcel', order.id),
            { version: order.version, freight: manager ? freight : '', all, lines: sent, measured },
            () => {
                said = {};
                measured = {};
                freight = '';
                looking = false;
            },
        );
    }
</script>

<section class="sheet mt-[1.2rem]" data-parcel>
    <h2>It has arrived</h2>
    {#if !looking}
        <div class="flex flex-wrap gap-3 items-end">
            {#if manager}<div class="w-40">
                    <Field name="freight" label="Freight" bind:value={freight} error={act.errors.freight} />
                </div>{/if}
            <button class="do" type="button" disabled={act.busy} onclick={send}>All of it is here, and right</button>
            <button class="act" type="button" onclick={() => (looking = true)}>Something is missing or wrong</button>
        </div>
    {:else}
        <form
            novalidate
            onsubmit={(event) => {
                event.preventDefault();
                send();
            }}
        >
            <ul>
                {#each lines as line (line.id)}
                    <li class="border-t border-t-rule py-2" data-line={line.name}>
                        <div
                            class="grid grid-cols-[minmax(0,1.4fr)_5rem_5rem_minmax(0,1fr)_8rem_7rem] gap-x-3 gap-y-1 items-start max-desk:grid-cols-2"
                        >
                            <span class="self-center max-desk:col-span-2"
                                ><b>{line.name}</b>
                                <span class="quiet">{amount(line.missing, line.unit)} to come, {line.for}</span></span
                            >
                            {@render box(line, 'came', 'Came')}
                            {@render box(line, 'wrong', 'Wrong')}
                            {@render box(line, 'because', 'What is wrong with it')}
                            {@render box(line, 'place', 'Put away in')}
                            {#if manager}{@render box(line, 'cost', 'Costs')}{/if}
                            {#if !line.keeps}<Field
                                    name={`best-before-${line.id}`}
                                    label="Best before"
                                    type="date"
                                    bind:value={() => of(line, 'best_before'), (day) => say(line, 'best_before', day)}
                                />{/if}
                        </div>
                        {#if line.measure.length > 0}
                            <details class="small">
                                <summary class="min-h-11 flex items-center"
                                    >Measure it: {line.measure
                                        .map((one) => one.words)
                                        .join(', ')
                                        .toLowerCase()}</summary
                                >
                                <div class="grid grid-cols-4 gap-3 max-desk:grid-cols-2">
                                    {#each line.measure as one (one.value)}
                                        <Field
                                            name={`${one.value}-${line.id}`}
                                            label={one.words}
                                            bind:value={
                                                () => measured[line.id]?.[one.value] ?? '',
                                                (typed) =>
                                                    (measured = {
                                                        ...measured,
                                                        [line.id]: { ...measured[line.id], [one.value]: typed },
                                                    })
                                            }
                                        />
                                    {/each}
                                </div>
                            </details>
                        {/if}
                    </li>
                {/each}
            </ul>
            <div class="flex flex-wrap gap-3 items-end border-t border-t-rule pt-2">
                {#if manager}<div class="w-40">
                        <Field name="freight" label="Freight" bind:value={freight} error={act.errors.freight} />
                    </div>{/if}
                <label class="flex gap-2 items-center grow"
                    ><input type="checkbox" bind:checked={all} />Nothing more comes: order what is missing again</label
                >
                <button class="do" type="submit" disabled={act.busy}>Take the parcel in</button>
            </div>
        </form>
    {/if}
    <ErrorLine text={act.errors.conflict ?? undefined} />
</section>

{#snippet box(line: OrderedLine, field: string, label: string)}
    <Field
        name={`${field}-${line.id}`}
        {label}
        bind:value={() => of(line, field), (typed) => say(line, field, typed)}
        error={act.errors[`lines.${line.id}.${field}`]}
    />
{/snippet}
