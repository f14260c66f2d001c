<!-- What the client has approved, what a change would come to, and what was offered and decided. -->
<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import Instrument from '@/components/Instrument.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';
    import type { Agreement, ChangeShown } from '@/lib/props';
    import { untrack } from 'svelte';

    interface Props {
        number: number;
        client: string;
        agreed: Agreement;
        /** Undefined while it is being worked out; null where nothing is to be changed. */
        change: ChangeShown | null | undefined;
    }

    const { number, client, agreed, change }: Props = $props();

    const approving = new Act();
    const offering = new Act();
    const deciding = new Act();
    let approval = $state(untrack(() => ({ approved_by: client, how: '' })));
    let offer = $state({ what: '', price: '', promised_on: '' });
    let accepted = $state(untrack(() => ({ approved_by: client, how: '' })));
    const open = $derived(agreed.orders.find((one) => one.open));

    $effect(() => {
        const worked = change;
        if (worked) {
            untrack(() => {
                offer.price = worked.price;
                offer.promised_on = worked.promise;
                offer.what =
                    offer.what ||
                    worked.values
                        .map((one) => `${one.name}: ${one.after || 'none'} instead of ${one.before || 'none'}`)
                        .join('; ');
            });
        }
    });

    function approve(event: SubmitEvent): void {
        event.preventDefault();
        approving.post(route('builds.approvals', number), { ...approval, revision: agreed.approvable });
    }

    function send(event: SubmitEvent): void {
        event.preventDefault();
        offering.post(route('builds.change-orders', number), { ...offer, version: agreed.draftVersion });
    }

    function accept(event: SubmitEvent): void {
        event.preventDefault();
        if (open) {
            deciding.post(route('change-orders.accept', open.id), { ...accepted, version: open.version });
        }
    }
</script>

<section class="mt-8" aria-labelledby="agreed">
    <h2 id="agreed" class="border-t-2 border-t-ink pt-2">Approved and changed</h2>
    <p class="quiet" data-approved>{agreed.approved}</p>
    {#if agreed.approvable !== null}
        <form class="flex flex-wrap gap-3 items-end mt-2" onsubmit={approve} novalidate>
            <Field
                name="approved_by"
                label={`Revision ${agreed.approvable} is approved by`}
                bind:value={approval.approved_by}
                error={approving.errors.approved_by}
            />
            <Field name="how" label="How" bind:value={approval.how} error={approving.errors.how} />
            <button class="act" type="submit" disabled={approving.busy}>Write it down</button>
            <ErrorLine text={approving.other('approved_by', 'how')} />
        </form>
    {/if}

    {#if agreed.draft === null}
        <p class="mt-3">
            To change something, begin a revision <a use:inertia href={route('specification', [number])}
                >on the specification’s page</a
            >; what it comes to stands here.
        </p>
    {:else if change === undefined}
        <p class="quiet mt-3" role="status">What revision {agreed.draft} comes to is being worked out.</p>
    {:else if change}
        <h3 class="mt-4"><b>Revision {agreed.draft}, from the state of the work today</b></h3>
        {#if change.problem}<p class="late">{change.problem}</p>{/if}
        <div class="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] gap-8 mt-2 items-start max-desk:grid-cols-1">
            <div>
                {#if change.before && change.after}
                    <div class="over relative h-44">
                        <div class="absolute inset-0 opacity-40">
                            <Instrument
                                drawing={change.before}
                                inked={{ neck: 0, fretboard: 0, body: 0 }}
                                words="as it is"
                            />
                        </div>
                        <div class="new absolute inset-0">
                            <Instrument drawing={change.after} words="as it would be" />
                        </div>
                    </div>
                    <p class="small quiet">Solid: as it would be. Dashed behind it: as it is.</p>
                {/if}
                <table class="w-full mt-2">
                    <tbody>
                        {#each change.values as one (one.name)}
                            <tr
                                ><th scope="row">{one.name}</th><td class="figure quiet">{one.before || '–'}</td><td
                                    class="figure">{one.after || '–'}</td
                                ></tr
                            >
                        {:else}<tr><td class="quiet">Nothing is different yet.</td></tr>{/each}
                    </tbody>
                </table>
            </div>
            <div>
                <dl data-reckoned>
                    {#each change.lines as [name, value] (name)}
                        <div class="grid grid-cols-[1fr_auto] gap-x-3 border-b border-b-rule py-1">
                            <dt>{name}</dt>
                            <dd class="figure text-right">{value}</dd>
                        </div>
                    {/each}
                </dl>
                {#each change.impossible as words (words)}<p class="late mt-2">{words}</p>{/each}
                {#each change.spoiled as words (words)}<p class="tight mt-2">{words}</p>{/each}
                {#if change.impossible.length === 0 && !open && change.values.length > 0 && !change.problem}
                    <form data-watched class="grid grid-cols-2 gap-3 items-start mt-3" onsubmit={send} novalidate>
                        <div class="col-span-full">
                            <Field
                                name="what"
                                label="What is changed, as the client reads it"
                                type="textarea"
                                rows={3}
                                bind:value={offer.what}
                                error={offering.errors.what}
                            />
                        </div>
                        <Field
                            name="price"
                            label={`Price of it, ${agreed.currency}`}
                            bind:value={offer.price}
                            error={offering.errors.price}
                            hint="below zero where it becomes cheaper"
                        />
                        <Field
                            name="promised_on"
                            label="Then promised for"
                            type="date"
                            bind:value={offer.promised_on}
                            error={offering.errors.promised_on}
                            hint="left empty: the date stays"
                        />
                        <div class="col-span-full">
                            <button class="do" type="submit" disabled={offering.busy}>Offer the change order</button>
                            <ErrorLine text={offering.other('what', 'price', 'promised_on')} />
                        </div>
                    </form>
                {/if}
            </div>
        </div>
    {/if}

    <ul class="mt-4">
        {#each agreed.orders as one (one.id)}
            <li class="border-b border-b-rule py-2" data-order={one.number}>
                <b>Change order {one.number}</b>: {one.what}
                <span class={['block', !one.open && 'quiet']}>{one.words}</span>
                {#each one.follows as words (words)}<span class="small quiet block">{words}</span>{/each}
                {#if one.open}
                    <form class="flex flex-wrap gap-3 items-end mt-2" onsubmit={accept} novalidate>
                        <Field
                            name="accepted_by"
                            label="Accepted by"
                            bind:value={accepted.approved_by}
                            error={deciding.errors.approved_by}
                        />
                        <Field name="accepted_how" label="How" bind:value={accepted.how} error={deciding.errors.how} />
                        <button class="do" type="submit" disabled={deciding.busy}
                            >It is accepted: change the plan</button
                        >
                        <button
                            class="act"
                            type="button"
                            disabled={deciding.busy}
                            onclick={() =>
                                deciding.post(route('change-orders.withdraw', one.id), { version: one.version })}
                            >Withdraw it</button
                        >
                        <ErrorLine text={deciding.other('approved_by', 'how')} />
                    </form>
                {/if}
            </li>
        {/each}
    </ul>
</section>

<style>
    .new :global(path) {
        fill-opacity: 0.35;
    }
</style>
