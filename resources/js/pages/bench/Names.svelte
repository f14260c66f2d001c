<script lang="ts">
    import { onMount } from 'svelte';
    import BenchView from '@/components/bench/BenchView.svelte';
    import Field from '@/components/Field.svelte';
    import Knuckle from '@/components/bench/Knuckle.svelte';
    import { Act } from '@/lib/act.svelte';
    import { learnAddresses, route } from '@/lib/address';
    import { openWithoutServer, presses } from '@/lib/presses.svelte';
    import type { BenchProps, NamesProps } from '@/lib/props';

    const { names }: NamesProps = $props();

    const act = new Act();
    let chosen = $state<{ id: number; name: string } | null>(null);
    let code = $state('');
    let without = $state<BenchProps | null>(null);

    onMount(() => openWithoutServer());

    const waiting = $derived(chosen ? presses.of(chosen.id).length : 0);

    // What was shown of somebody before, as long as there is no network.
    $effect(() => {
        if (chosen && !presses.online) {
            // Where things are is known on this device since somebody was signed in on it.
            const { id } = chosen;
            void learnAddresses()
                .then(() => presses.remembered(id))
                .then((page) => (without = page));
        }
    });

    function open(event: SubmitEvent): void {
        event.preventDefault();
        const [id, typed] = [chosen?.id ?? 0, code];
        code = '';
        if (waiting > 0) {
            void presses.send(id, typed);
        } else {
            act.post(route('bench.names'), { person: id, code: typed });
        }
    }
</script>

<svelte:head><title>Who is at the bench · Regimen</title></svelte:head>

{#if without && !presses.online}
    <BenchView {...without} shared />
    <p class="max-w-[34rem] mx-auto mt-4">
        <button class="act min-h-[2.75rem]" type="button" onclick={() => ([chosen, without] = [null, null])}
            >Somebody else</button
        >
    </p>
{:else}
    <div class="max-w-[34rem] mx-auto">
        <h1>{chosen ? chosen.name : 'Who is at the bench?'}</h1>
        {#if chosen}
            {#if !presses.online}<p class="border-l-4 border-l-ochre pl-3">
                    No network, and nothing of {chosen.name} was shown here before.
                </p>{/if}
            {#if waiting > 0}
                <p>
                    {waiting === 1 ? 'One press stands' : `${waiting} presses stand`} under this name; the code sends {waiting ===
                    1
                        ? 'it'
                        : 'them'}.
                </p>
            {/if}
            {#if presses.problem}<p class="late">{presses.problem}</p>{/if}
            {#each presses.told as one (one.uuid)}<p class={one.done ? '' : 'late'}>
                    {one.done ? '' : 'Not done. '}{one.words}
                </p>{/each}
            <form class="mt-4" onsubmit={open}>
                <Field
                    name="code"
                    label="Bench code"
                    type="password"
                    autocomplete="off"
                    bind:value={code}
                    error={act.errors.code}
                    hint="four to six digits"
                />
                <p class="grid grid-cols-2 gap-3 mt-3">
                    <button
                        class="do min-h-[4.5rem] justify-center"
                        type="submit"
                        disabled={act.busy || presses.sending || code === ''}>{waiting > 0 ? 'Send' : 'Open'}</button
                    >
                    <button
                        class="act min-h-[4.5rem] justify-center"
                        type="button"
                        onclick={() => {
                            chosen = null;
                            act.errors = {};
                        }}>Somebody else</button
                    >
                </p>
            </form>
        {:else}
            <div class="grid gap-3 mt-4">
                {#each names as one (one.id)}
                    <Knuckle
                        under={presses.of(one.id).length > 0 ? 'something waits to be sent' : ''}
                        onpress={() => (chosen = one)}>{one.name}</Knuckle
                    >
                {:else}
                    <p class="quiet">
                        Nobody has a bench code yet. Each person sets one on their own page, the manager under People.
                    </p>
                {/each}
            </div>
        {/if}
    </div>
{/if}
