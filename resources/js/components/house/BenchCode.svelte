<script lang="ts">
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';

    const { has, address, name }: { has: boolean; address: string; name: string } = $props();

    const act = new Act();
    let code = $state('');

    function save(event: SubmitEvent): void {
        event.preventDefault();
        act.send('put', address, { bench_code: code }, () => (code = ''));
    }
</script>

<form class="flex gap-3 items-end flex-wrap" onsubmit={save}>
    <div class="w-56">
        <Field
            name="bench_code"
            label={`Code with which ${name} ${name === 'you' ? 'open' : 'opens'} the shared tablet`}
            type="password"
            autocomplete="off"
            hint={has ? 'there is one; write another to change it' : 'four to six digits'}
            bind:value={code}
            error={act.errors.bench_code}
        />
    </div>
    <button class="act mb-1" type="submit" disabled={act.busy || code === ''}>Save the code</button>
    {#if has}
        <button
            class="act mb-1"
            type="button"
            disabled={act.busy}
            onclick={() => act.send('put', address, { bench_code: '' })}>Remove it</button
        >
    {/if}
</form>
