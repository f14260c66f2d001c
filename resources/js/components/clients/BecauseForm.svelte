<!-- Something is closed or withdrawn, with a reason. -->
<script lang="ts">
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';

    interface Props {
        words: string;
        url: string;
        version: number;
    }

    const { words, url, version }: Props = $props();

    const act = new Act();
    let open = $state(false);
    let because = $state('');

    function send(event: SubmitEvent): void {
        event.preventDefault();
        act.post(url, { because, version });
    }
</script>

{#if !open}
    <button class="act" type="button" onclick={() => (open = true)}>{words}…</button>
{:else}
    <form class="flex flex-wrap items-end gap-3" onsubmit={send} novalidate>
        <Field name="because" label="Why" bind:value={because} error={act.errors.because} />
        <button class="act" type="submit" disabled={act.busy}>{words}</button>
        <button class="word" type="button" onclick={() => (open = false)}>Cancel</button>
        <ErrorLine text={act.other('because')} />
    </form>
{/if}
