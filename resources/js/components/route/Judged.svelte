<!-- What the rules say to a change that is being written, and the button that makes it. -->
<script lang="ts">
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import type { Act } from '@/lib/act.svelte';
    import type { TriedRoute } from '@/lib/props';

    interface Props {
        answer: TriedRoute | null;
        act: Act;
        reason: string;
    }

    let { answer, act, reason = $bindable() }: Props = $props();
</script>

<div class="judged col-span-full grid gap-[0.4rem] justify-items-start" aria-live="polite">
    {#if answer?.problem}
        <p class="late" data-problem>{answer.problem}</p>
    {:else if answer}
        <p><b>{answer.words}</b> {answer.follows.join(' ')}</p>
        {#each answer.broken as broken (broken.key)}
            <p class={broken.severity === 'stop' ? 'late' : 'tight'} data-broken={broken.severity}>
                <b>{broken.severity === 'stop' ? 'Stop' : 'Warn'}: {broken.title}.</b>
                {broken.words}
                <span class="quiet small">Rule: {broken.rule}.</span>
            </p>
        {:else}<p class="quiet">Every rule is kept.</p>{/each}
    {/if}
    <ErrorLine text={act.errors.change} />
    {#if answer && !answer.problem}
        <Field
            name="reason"
            label={answer.needsReason
                ? 'Why it is done all the same (kept in the logbook)'
                : 'Why, if it is worth writing down'}
            bind:value={reason}
            error={act.errors.reason}
        />
        <button class="do" type="submit" disabled={act.busy || (answer.needsReason && reason.trim() === '')}
            >Change the route</button
        >
    {/if}
</div>

<style>
    .judged :global(.line) {
        width: min(100%, 40rem);
    }
</style>
