<script lang="ts">
    import { page } from '@inertiajs/svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import { Act } from '@/lib/act.svelte';
    import { presses } from '@/lib/presses.svelte';
    import { moment } from '@/lib/time';
    import { route } from '@/lib/address';
    import type { GateLine, GatePlace } from '@/lib/props';

    interface Props {
        operation: number;
        line: GateLine;
        place: GatePlace;
        first: boolean;
        open: boolean;
        seen: number;
        /** What the simulated caliper has typed for this place. */
        sent?: string;
        tool?: string;
        next: () => void;
        onfocus: () => void;
    }

    const { operation, line, place, first, open, seen, sent = '', tool = '', next, onfocus }: Props = $props();

    const act = new Act();
    let value = $state('');
    let struck = $state<number | null>(null);
    let because = $state('');

    $effect(() => {
        if (sent !== '') {
            value = sent;
            read(sent);
        }
    });

    function read(typed: string, sure = false): void {
        const viewer = page.props.viewer;
        if (!presses.online && viewer) {
            const said = { line: line.key, place: place.place, value: typed, sure: sure ? 'yes' : 'no' };
            void presses
                .add({
                    person: viewer.id,
                    name: viewer.name,
                    kind: 'reading',
                    operation,
                    said,
                    words: `${label}: ${typed}`,
                })
                .then(() => {
                    value = '';
                    next();
                });
            return;
        }
        act.post(
            route('gate.readings', operation),
            { line: line.key, place: place.place, value: typed, seen, sure, ...(tool ? { tool } : {}) },
            () => {
                value = '';
                next();
            },
        );
    }

    function strike(event: SubmitEvent): void {
        event.preventDefault();
        act.post(route('readings.strike', struck ?? 0), { because }, () => {
            struck = null;
            because = '';
        });
    }

    const label = $derived(`${line.what}${place.place ? `, ${place.place}` : ''}`);
</script>

<tr data-place={place.number}>
    <td class="figure">{place.number}</td>
    <td>
        {#if first}{line.what}{/if}
        {#if place.place}<span class={first ? 'quiet small block' : 'quiet'}>{place.place}</span>{/if}
        {#if first && line.drawn}<span class="quiet small block">drawn {line.drawn}</span>{/if}
    </td>
    <td class="quiet small">{first ? line.how : ''}</td>
    <td class="figure small"
        >{#if first}{line.target}{#if line.inches}<span class="quiet block">{line.inches}</span>{/if}{/if}</td
    >
    <td class="reading">
        {#each place.readings as reading (reading.id)}
            <span class="figure given" title={`${reading.by}, ${moment(reading.at)}`}
                >{reading.shown}
                {#if open}
                    <button
                        class="word small"
                        type="button"
                        aria-label={`Strike out ${reading.shown} at ${label}`}
                        onclick={() => (struck = struck === reading.id ? null : reading.id)}>strike</button
                    >
                {/if}
            </span>
        {/each}
        {#if struck !== null}
            <form class="flex gap-2 items-center flex-wrap" onsubmit={strike}>
                <input class="field w-40" aria-label="Why it is struck out" placeholder="why" bind:value={because} />
                <button class="act" type="submit">Strike out</button>
            </form>
            <ErrorLine text={act.errors.because} />
        {/if}
        {#if open && line.seen}
            <span class="flex gap-2">
                {#each ['yes', 'no'] as answer (answer)}
                    <button
                        class="act min-w-[2.75rem]"
                        type="button"
                        disabled={act.busy}
                        aria-label={`${answer}: ${label}`}
                        onclick={() => read(answer)}>{answer}</button
                    >
                {/each}
            </span>
        {:else if open}
            <input
                class="field figure"
                name={`place-${place.number}`}
                aria-label={`Reading ${place.number}: ${label}`}
                inputmode="decimal"
                autocomplete="off"
                bind:value
                aria-invalid={act.errors.value ? 'true' : undefined}
                {onfocus}
                onkeydown={(event) => {
                    if (event.key === 'Enter' && value.trim() !== '') {
                        event.preventDefault();
                        read(value);
                    }
                }}
            />
        {/if}
        <ErrorLine text={act.other('because', 'sure')} />
        {#if act.errors.sure}
            <span class="flex gap-2 flex-wrap">
                {#if act.errors.sure !== 'Record it as it is.'}
                    <button class="do" type="button" onclick={() => read(act.errors.sure ?? '')}
                        >Yes, {act.errors.sure}</button
                    >
                {/if}
                <button class="act" type="button" onclick={() => read(value, true)}>Record it as it is</button>
            </span>
        {/if}
    </td>
    <td class={['small', place.verdict === 'outside' && 'late', place.verdict === 'on the line' && 'tight']}>
        {#if place.verdict === 'outside'}<b>{place.outside || 'not as it should be'}</b>{:else}{place.verdict ??
                ''}{/if}
        {#if first && line.middle}<span class="quiet block">{line.middle}</span>{/if}
        {#if first && line.decided}<span class="quiet block">{line.decided}</span>{/if}
    </td>
</tr>

<style>
    td {
        padding: 0.45rem 0.6rem 0.45rem 0;
        vertical-align: middle;
    }

    .reading {
        min-width: 7.5rem;
    }

    .given {
        display: block;
        white-space: nowrap;
    }

    input.figure {
        width: 7rem;
        text-align: right;
        background: var(--shade);
        font-size: 1.1rem;
        min-height: 2.4rem;
    }
    @media (width < 48rem) {
        tr {
            display: grid;
            grid-template-columns: 1.6rem minmax(0, 1fr) auto;
            border-top: 1px solid var(--rule);
        }

        td {
            border: 0;
            padding: 0.3rem 0.4rem 0.3rem 0;
        }

        td:nth-child(3) {
            display: none;
        }

        td:nth-child(4) {
            grid-column: 3;
            text-align: right;
        }

        td:nth-child(5),
        td:nth-child(6) {
            grid-column: 2 / 4;
        }

        input.figure {
            width: 100%;
            min-height: 3.2rem;
            font-size: 1.3rem;
        }
    }
</style>
