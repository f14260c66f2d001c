<script lang="ts">
    import { untrack } from 'svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { calendarDay } from '@/lib/time';
    import type { SheetBuild } from '@/lib/props';
    import { route } from '@/lib/address';

    const { build }: { build: SheetBuild } = $props();

    const act = new Act();
    let promisedOn = $state(untrack(() => build.promisedOn ?? ''));
    let promiseKind = $state(untrack(() => build.promiseKind));
    let because = $state('');
    const settling = new Act();
    let until = $state(untrack(() => build.heldUntil ?? ''));
    let heldBecause = $state(untrack(() => build.heldBecause));
    let days = $state(untrack(() => String(build.pushDays)));
    let open = $state(false);

    let callOffBecause = $state('');

    function hold(event: SubmitEvent): void {
        event.preventDefault();
        settling.change({ kind: 'hold', build: build.number, until: until || null, because: heldBecause });
    }

    function push(event: SubmitEvent): void {
        event.preventDefault();
        settling.change({ kind: 'push', build: build.number, days });
    }

    function callOff(event: SubmitEvent): void {
        event.preventDefault();
        act.post(route('builds.call-off', build.number), { version: build.version, call_off_because: callOffBecause });
    }

    function move(event: SubmitEvent): void {
        event.preventDefault();
        act.post(
            route('builds.promise', build.number),
            { version: build.version, promised_on: promisedOn, promise_kind: promiseKind, because },
            () => {
                because = '';
                open = false;
            },
        );
    }
</script>

<details bind:open class="screen-only">
    <summary class="word">{build.promisedOn ? 'Move the promise' : 'Give a promise'}</summary>
    <form onsubmit={move}>
        <Field
            name="promised_on"
            label="Promise date"
            type="date"
            bind:value={promisedOn}
            error={act.errors.promised_on}
        />
        <Field
            name="promise_kind"
            label="How firmly"
            bind:value={promiseKind}
            error={act.errors.promise_kind}
            options={build.promiseKinds}
        />
        <Field name="because" label="Why, as the client was told" bind:value={because} error={act.errors.because} />
        <button class="act" type="submit" disabled={act.busy}>Set the promise</button>
    </form>
</details>
{#if build.heldUntil || build.pushDays !== 0}
    <p class="small tight">
        {build.heldUntil
            ? `On hold until ${calendarDay(build.heldUntil)}${build.heldBecause ? `: ${build.heldBecause}` : ''}. `
            : ''}{build.pushDays > 0
            ? `Given priority as if due ${build.pushDays} days sooner.`
            : build.pushDays < 0
              ? `Put back as if due ${-build.pushDays} days later.`
              : ''}
    </p>
{/if}
<details class="screen-only">
    <summary class="word small">Put on hold or give priority</summary>
    <form onsubmit={hold}>
        <Field
            name="until"
            label="On hold until"
            type="date"
            bind:value={until}
            error={settling.ofChange('until')}
            hint="empty: not on hold"
        />
        <Field
            name="held_because"
            label="Why it is held"
            bind:value={heldBecause}
            error={settling.ofChange('because')}
        />
        <button class="act" type="submit" disabled={settling.busy}>Save</button>
    </form>
    <form onsubmit={push}>
        <Field
            name="days"
            label="Priority: as if due so many days sooner"
            bind:value={days}
            error={settling.ofChange('days')}
            hint="negative: later"
        />
        <button class="act" type="submit" disabled={settling.busy}>Save</button>
    </form>
</details>
<details class="screen-only">
    <summary class="word small">Call the build off</summary>
    <form onsubmit={callOff}>
        <Field
            name="call_off_because"
            label="Why it is called off"
            bind:value={callOffBecause}
            error={act.errors.call_off_because}
        />
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
