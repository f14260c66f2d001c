<script lang="ts">
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';
    import type { OutsideLine } from '@/lib/props';

    interface Props {
        line: OutsideLine;
        operation: number;
        version: number;
        pieces: string[];
    }

    const { line, operation, version, pieces }: Props = $props();

    const act = new Act();
    let open = $state<'' | 'accept' | 'rework' | 'scrap'>('');
    let because = $state('');
    let name = $state('');
    let labour = $state('');
    let hold = $state('');
    // svelte-ignore state_referenced_locally
    let piece = $state(pieces[0] ?? '');

    function decide(kind: 'accept' | 'rework' | 'scrap'): void {
        act.post(
            route('gate.decide', operation),
            { version, kind, line: line.key, because, name, labour, hold, piece },
            () => {
                open = '';
                because = '';
            },
        );
    }

    function rework(one: { name: string; labour: string; hold: string }): void {
        open = 'rework';
        [name, labour, hold] = [one.name, one.labour, one.hold];
    }
</script>

<section class="sheet mt-4" data-outside={line.key}>
    <h2>{line.what}: {line.words}</h2>
    <div class="flex gap-3 flex-wrap my-2">
        {#each line.reworks as one, index (one.name)}
            <button class={index === 0 ? 'do' : 'act'} type="button" onclick={() => rework(one)}
                >{one.name}, {one.labour}{one.hold ? `, holds ${one.hold}` : ''}</button
            >
        {/each}
        <button class="act" type="button" aria-expanded={open === 'accept'} onclick={() => (open = 'accept')}
            >Accept with a reason</button
        >
        {#if pieces.length > 0}
            <button class="act late" type="button" aria-expanded={open === 'scrap'} onclick={() => (open = 'scrap')}
                >Scrap the piece</button
            >
        {/if}
    </div>
    {#if open !== ''}
        <form
            class="max-w-xl grid gap-2"
            onsubmit={(event) => {
                event.preventDefault();
                if (open !== '') decide(open);
            }}
        >
            {#if open === 'rework'}
                <Field name="name" label="What is done over" bind:value={name} error={act.errors.name} />
                <div class="grid grid-cols-2 gap-3">
                    <Field name="labour" label="Labour" hint="0:30" bind:value={labour} error={act.errors.labour} />
                    <Field
                        name="hold"
                        label="Holds then, if it does"
                        hint="12 h"
                        bind:value={hold}
                        error={act.errors.hold}
                    />
                </div>
            {/if}
            {#if open === 'scrap' && pieces.length > 1}
                <Field
                    name="piece"
                    label="Which piece"
                    bind:value={piece}
                    options={pieces.map((one) => ({ value: one, words: one }))}
                    error={act.errors.piece}
                />
            {/if}
            <Field
                name="because"
                label={open === 'rework' ? 'Why, if there is more to say' : 'Why'}
                bind:value={because}
                error={act.errors.because}
            />
            <p>
                <button class="do" type="submit" disabled={act.busy}
                    >{open === 'accept'
                        ? 'Accept it as it is'
                        : open === 'rework'
                          ? 'Put it on the route'
                          : `Scrap the ${piece}, make another`}</button
                >
            </p>
        </form>
    {/if}
    <ErrorLine text={act.other('because', 'name', 'labour', 'hold', 'piece')} />
</section>
