<!-- Money that came, or goes back. -->
<script lang="ts">
    import { untrack } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';

    interface Props {
        url: string;
        amount: string;
        currency: string;
        today: string;
        words: string;
        /** Whether somebody can be sure that more came, or that it is another one. */
        canBeSure?: boolean;
    }

    const { url, amount, currency, today, words, canBeSure = false }: Props = $props();

    const act = new Act();
    let said = $state(untrack(() => ({ amount, on: today, how: 'bank', sure: false })));

    function send(event: SubmitEvent): void {
        event.preventDefault();
        act.post(url, said, () => (said.sure = false));
    }
</script>

<form class="grid grid-cols-3 gap-4 items-start mt-2 max-desk:grid-cols-1" onsubmit={send} novalidate>
    <Field name="amount" label={`Amount, ${currency}`} bind:value={said.amount} error={act.errors.amount} />
    <Field name="on" label="On" type="date" past bind:value={said.on} error={act.errors.on} />
    <Field name="how" label="How" bind:value={said.how} error={act.errors.how} hint="bank, cash, card" />
    {#if canBeSure && act.errors.amount}
        <label class="flex items-center gap-3 min-h-11 col-span-full">
            <input class="size-5" type="checkbox" name="sure" bind:checked={said.sure} /> I am sure: it came so.
        </label>
    {/if}
    <div class="col-span-full">
        <button class="act" type="submit" disabled={act.busy}>{words}</button>
        <ErrorLine text={act.other('amount', 'on', 'how')} />
    </div>
</form>
