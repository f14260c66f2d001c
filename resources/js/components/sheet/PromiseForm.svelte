<script lang="ts">
    import { untrack } from 'svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import type { SheetBuild } from '@/lib/types';

    const { build }: { build: SheetBuild } = $props();

    const act = new Act();
    let promisedOn = $state(untrack(() => build.promisedOn ?? ''));
    let because = $state('');
    let open = $state(false);

    let callOffBecause = $state('');

    function callOff(event: SubmitEvent): void {
        event.preventDefault();
        act.post(`/builds/${build.number}/call-off`, { version: build.version, call_off_because: callOffBecause });
    }

    function move(event: SubmitEvent): void {
        event.preventDefault();
        act.post(`/builds/${build.number}/promise`, { version: build.version, promised_on: promisedOn, because }, () => {
            because = '';
            open = false;
        });
    }
</script>

<details bind:open class="screen-only">
    <summary class="word">{build.promisedOn ? 'Move the promise' : 'Give a promise'}</summary>
    <form onsubmit={move}>
        <Field name="promised_on" label="Promise date" type="date" bind:value={promisedOn} error={act.errors.promised_on} />
        <Field name="because" label="Why, as the client was told" bind:value={because} error={act.errors.because} />
        <button class="act" type="submit" disabled={act.busy}>Set the promise</button>
    </form>
</details>
<details class="screen-only">
    <summary class="word small">Call the build off</summary>
    <form onsubmit={callOff}>
        <Field name="call_off_because" label="Why it is called off" bind:value={callOffBecause} error={act.errors.call_off_because} />
        <button class="act" type="submit" disabled={act.busy}>Call it off</button>
    </form>
</details>

<style>
    form {
        display: grid;
        gap: 0.5rem;
        padding: 0.5rem 0;
        justify-items: start;
    }

    form :global(.line) {
        width: 100%;
    }
</style>
