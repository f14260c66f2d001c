<!-- What else can be decided: later, another mend, or that there is nothing to decide. -->
<script lang="ts">
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';
    import { ask } from '@/lib/ask';
    import type { RemedyTried, SetbackHead } from '@/lib/props';
    import Tried from './Tried.svelte';

    const { setback, until }: { setback: SetbackHead; until: string } = $props();

    const act = new Act();
    let own = $state({ name: '', labour: '', hold: '' });
    let later = $state('');
    let settled = $state('');
    let tried = $state<RemedyTried | null>();
    let trying = $state(false);

    async function tryIt(): Promise<void> {
        trying = true;
        tried = undefined;
        tried = await ask<RemedyTried>(route('setbacks.try', setback.id), { do: 'mend', ...own });
        trying = false;
    }
</script>

<div class="grid grid-cols-3 gap-8 mt-6 max-desk:grid-cols-1">
    <form
        onsubmit={(event) => {
            event.preventDefault();
            act.post(route('setbacks.later', setback.id), { until: later || until });
        }}
    >
        <h2>Decide later</h2>
        <Field
            name="until"
            label="Leave the build standing until"
            type="date"
            hint="empty: tomorrow"
            bind:value={later}
            error={act.errors.until}
        />
        <button class="act mt-2" type="submit" disabled={act.busy}>Decide later</button>
    </form>
    <form
        onsubmit={(event) => {
            event.preventDefault();
            act.post(route('setbacks.decide', setback.id), { version: setback.version, do: 'mend', ...own });
        }}
    >
        <h2>Mend it another way</h2>
        <Field name="name" label="What is done" bind:value={own.name} error={act.errors.name} />
        <div class="grid grid-cols-2 gap-3">
            <Field name="labour" label="Labour" hint="0:45" bind:value={own.labour} error={act.errors.labour} />
            <Field name="hold" label="Holds then" hint="12 h, or empty" bind:value={own.hold} error={act.errors.hold} />
        </div>
        {#if trying || tried !== undefined}
            <dl class="grid grid-cols-[4.2rem_minmax(0,1fr)] gap-x-2 gap-y-1 mt-2"><Tried {tried} /></dl>
        {/if}
        <p class="flex gap-3 mt-2">
            <button
                class="act"
                type="button"
                disabled={trying || own.labour.trim() === '' || own.name.trim() === ''}
                onclick={tryIt}>Try it</button
            >
            <button class="act" type="submit" disabled={act.busy || own.name.trim() === ''}>Mend it so</button>
        </p>
    </form>
    <form
        onsubmit={(event) => {
            event.preventDefault();
            act.post(route('setbacks.withdraw', setback.id), { version: setback.version, because: settled });
        }}
    >
        <h2>Nothing to decide</h2>
        <Field name="because" label="It is settled: how" bind:value={settled} error={act.errors.because} />
        <button class="act mt-2" type="submit" disabled={act.busy || settled.trim() === ''}>Settle it</button>
    </form>
</div>
<ErrorLine text={act.other('because', 'name', 'labour', 'hold', 'until')} />
