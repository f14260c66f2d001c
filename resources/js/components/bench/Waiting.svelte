<script lang="ts">
    import { page, router } from '@inertiajs/svelte';
    import { canWait, presses } from '@/lib/presses.svelte';

    const { person, shared }: { person: number; shared: boolean } = $props();

    const mine = $derived(presses.of(person));

    // With the network back it is sent by itself; from a shared tablet with the code that is asked for at the names.
    $effect(() => {
        if (page.props.viewer && presses.online && mine.length > 0 && !presses.sending && presses.problem === '') {
            void presses.send(person).then(() => router.reload());
        }
    });
</script>

{#if !presses.online}
    <p class="border-l-4 border-l-ochre pl-3 my-2" role="status">
        No network. What you press is kept here and sent later{shared ? ', with your code' : ''}.
    </p>
{/if}
{#if mine.length > 0}
    <section class="border-l-4 border-l-ink pl-3 my-2" aria-label="What waits for the network">
        <p>{mine.length === 1 ? 'One press waits' : `${mine.length} presses wait`} for the network:</p>
        <ul class="small quiet">
            {#each mine as press (press.uuid)}<li>{press.words}</li>{/each}
        </ul>
        {#if presses.problem}<p class="late">{presses.problem}</p>{/if}
        {#if presses.online && presses.problem}
            <button class="act" type="button" onclick={() => presses.send(person).then(() => router.reload())}
                >Send it again</button
            >
        {/if}
    </section>
{/if}
{#if presses.told.length > 0}
    <section class="border-l-4 border-l-ink pl-3 my-2" aria-label="What has become of it" role="status">
        {#each presses.told as one (one.uuid)}
            <p class={one.done ? '' : 'late'}>{one.done ? '' : 'Not done. '}{one.words}</p>
        {/each}
        <button class="act" type="button" onclick={() => (presses.told = [])}>Seen</button>
    </section>
{/if}
{#if !canWait()}
    <p class="small quiet">Over plain http the bench works with the network only; over https it also opens without.</p>
{/if}
