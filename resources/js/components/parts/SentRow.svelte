<!-- Work that is done elsewhere: sent, expected, back and looked at. -->
<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import { untrack } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { calendarDay } from '@/lib/time';
    import { route } from '@/lib/address';
    import type { SentLine } from '@/lib/props';

    const { work, manager }: { work: SentLine; manager: boolean } = $props();

    const act = new Act();
    let open = $state<'' | 'back' | 'day'>('');
    let checked = $state('');
    let againBy = $state('');
    let cost = $state(untrack(() => work.cost ?? ''));
    let expectedOn = $state(untrack(() => work.expectedOn ?? ''));

    const toggle = (what: 'back' | 'day'): void => {
        open = open === what ? '' : what;
    };
</script>

<li class="border-t border-t-rule py-2" data-sent={work.what}>
    <div
        class="grid grid-cols-[minmax(0,1.4fr)_minmax(0,1.2fr)_6rem_auto] gap-x-4 gap-y-1 items-baseline max-desk:grid-cols-1"
    >
        <span
            ><b>{work.what}</b> <span class="quiet small">{work.operation}</span>
            <span class="block"
                ><a class="plain" use:inertia href={route('builds.show', work.build)}
                    ><b class="figure">{work.build}</b> {work.title}</a
                >, by {work.supplier}</span
            >
            {#if work.note}<span class="quiet small block">{work.note}</span>{/if}
            {#if work.checked}<span class="tight small block">came back once: {work.checked}</span>{/if}</span
        >
        <span>
            {#if work.dispatchedOn === null}
                agreed {calendarDay(work.orderedOn)}, away for {work.days === 1 ? 'a day' : `${work.days} days`}
                {#if work.plannedOn}<span class="quiet small block">planned to go {calendarDay(work.plannedOn)}</span
                    >{/if}
            {:else}
                away since {calendarDay(work.dispatchedOn)},
                <span class={work.overdue ? 'late' : ''}
                    >{work.overdue
                        ? `was to be back ${calendarDay(work.expectedOn ?? '')}, likely ${calendarDay(work.likelyOn ?? '')}`
                        : `back by ${calendarDay(work.expectedOn ?? '')}`}</span
                >
            {/if}
        </span>
        <span class="figure">{work.cost ?? ''}</span>
        <span class="flex flex-wrap gap-x-3 justify-end max-desk:justify-start">
            {#if work.dispatchedOn === null}
                <button
                    class="act"
                    type="button"
                    disabled={act.busy}
                    onclick={() => act.post(route('stores.away.dispatch', work.id), { version: work.version })}
                    >It is sent</button
                >
                {#if manager}
                    <button
                        class="word"
                        type="button"
                        disabled={act.busy}
                        onclick={() => act.post(route('stores.away.call-off', work.id), { version: work.version })}
                        >done here after all</button
                    >
                {/if}
            {:else}
                <button class="act" type="button" aria-expanded={open === 'back'} onclick={() => toggle('back')}
                    >It is back</button
                >
                {#if manager}<button
                        class="word"
                        type="button"
                        aria-expanded={open === 'day'}
                        onclick={() => toggle('day')}>on another day</button
                    >{/if}
            {/if}
        </span>
    </div>
    {#if open === 'back'}
        <form
            class="mt-2"
            novalidate
            onsubmit={(event) => {
                event.preventDefault();
                act.post(
                    route('stores.away.back', work.id),
                    { version: work.version, checked, again_by: againBy, cost },
                    () => {
                        open = '';
                        checked = '';
                    },
                );
            }}
        >
            {#if work.look.length > 0}<p class="quiet small">Look at: {work.look.join('; ')}.</p>{/if}
            <div class="flex flex-wrap gap-3 items-end">
                <div class="grow max-w-120">
                    <Field
                        name="checked"
                        label="Looked at, and found"
                        bind:value={checked}
                        error={act.errors.checked}
                    />
                </div>
                {#if manager}<div class="w-28">
                        <Field name="cost" label="Costs" bind:value={cost} error={act.errors.cost} />
                    </div>{/if}
                <div class="w-48">
                    <Field
                        name="again_by"
                        label="Not right: back again on"
                        type="date"
                        bind:value={againBy}
                        error={act.errors.again_by}
                    />
                </div>
                <button class="do" type="submit" disabled={act.busy}
                    >{againBy === '' ? 'It is right' : 'It goes again'}</button
                >
            </div>
        </form>
    {:else if open === 'day'}
        <form
            class="flex gap-3 items-end mt-2"
            onsubmit={(event) => {
                event.preventDefault();
                act.send(
                    'put',
                    route('stores.away.expected', work.id),
                    { version: work.version, expected_on: expectedOn },
                    () => (open = ''),
                );
            }}
        >
            <div class="w-44">
                <Field
                    name="expected_on"
                    label="Back on"
                    type="date"
                    bind:value={expectedOn}
                    error={act.errors.expected_on}
                />
            </div>
            <button class="do" type="submit" disabled={act.busy}>Write it down</button>
        </form>
    {/if}
    <ErrorLine text={act.other('checked', 'again_by', 'cost', 'expected_on')} />
</li>
