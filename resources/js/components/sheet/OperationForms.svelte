<script lang="ts">
    import { untrack } from 'svelte';
    import Field from '@/components/Field.svelte';
    import type { Act } from '@/lib/act.svelte';
    import { shopClock } from '@/lib/now.svelte';
    import { dateOf } from '@/lib/time';
    import type { SheetOperation } from '@/lib/props';
    import { route } from '@/lib/address';

    interface Props {
        operation: SheetOperation;
        manager: boolean;
        people: { id: number; name: string }[];
        viewerName: string;
        act: Act;
    }

    const { operation, manager, people, viewerName, act }: Props = $props();

    let hours = $state('');
    let sure = $state(false);
    let workedOn = $state(untrack(() => dateOf(shopClock.now)));
    let person = $state(untrack(() => String(people.find((one) => one.name === viewerName)?.id ?? '')));
    let because = $state('');
    let what = $state(untrack(() => operation.waitsFor));
    let until = $state(untrack(() => operation.waitsUntil ?? ''));

    const labourDone = $derived(operation.state === 'done' || operation.state === 'holding');

    function enter(event: SubmitEvent): void {
        event.preventDefault();
        act.post(
            route('operations.hours', operation.id),
            {
                hours,
                worked_on: workedOn,
                person_id: person === '' ? null : Number(person),
                sure,
                version: operation.version,
            },
            () => {
                hours = '';
                sure = false;
            },
        );
    }

    function wait(event: SubmitEvent): void {
        event.preventDefault();
        act.post(route('operations.wait', operation.id), { version: operation.version, what, until });
    }
</script>

<form class="forms" onsubmit={enter}>
    <Field name="hours" label="Hours worked" bind:value={hours} error={act.errors.hours} hint="1:30, 1.5 or 90 min" />
    <Field name="worked_on" label="On" type="date" past bind:value={workedOn} error={act.errors.worked_on} />
    {#if manager}
        <Field
            name="person_id"
            label="By"
            bind:value={person}
            error={act.errors.person_id}
            options={people.map((one) => ({ value: String(one.id), words: one.name }))}
        />
    {/if}
    {#if act.errors.sure}
        <div class="col-span-full">
            <p class="tight" role="alert">{act.errors.sure}</p>
            <label><input type="checkbox" bind:checked={sure} /> It is so</label>
        </div>
    {/if}
    <button class="act" type="submit" disabled={act.busy}>Enter hours</button>
</form>

{#if operation.state === 'open' && manager}
    <form class="forms" onsubmit={wait}>
        <Field name="what" label="Waits for a decision about" bind:value={what} error={act.errors.what} />
        <Field name="until" label="Expected by" type="date" bind:value={until} error={act.errors.until} />
        <button class="act" type="submit" disabled={act.busy}>Wait for this</button>
        {#if operation.waitsFor}
            <button
                class="act"
                type="button"
                disabled={act.busy}
                onclick={() =>
                    act.post(
                        route('operations.wait', operation.id),
                        { version: operation.version, what: '', until: null },
                        () => {
                            what = '';
                            until = '';
                        },
                    )}>Decided</button
            >
        {/if}
    </form>
{/if}

{#if labourDone}
    <div class="forms">
        <Field
            name="because"
            label={operation.state === 'holding' ? 'Why it ends now, or is reopened' : 'Why it is reopened'}
            bind:value={because}
            error={act.errors.because}
        />
        {#if operation.state === 'holding'}
            <button
                class="act"
                type="button"
                disabled={act.busy}
                onclick={() =>
                    act.post(route('operations.end-hold', operation.id), { version: operation.version, because })}
                >End the hold</button
            >
        {/if}
        <button
            class="act"
            type="button"
            disabled={act.busy}
            onclick={() => act.post(route('operations.reopen', operation.id), { version: operation.version, because })}
            >Reopen</button
        >
    </div>
{/if}

<style>
    .forms {
        display: grid;
        grid-template-columns: repeat(3, minmax(0, 11rem)) auto auto;
        gap: 0.75rem;
        align-items: start;
        padding-top: 0.6rem;
    }

    .forms .act {
        margin-top: 1.25rem;
        justify-self: start;
    }

    @media (width < 60rem) {
        .forms {
            grid-template-columns: minmax(0, 1fr);
        }

        .forms .act {
            margin-top: 0;
        }
    }
</style>
