<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import { untrack } from 'svelte';
    import ChangeOrders from '@/components/clients/ChangeOrders.svelte';
    import Travels from '@/components/clients/Travels.svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';
    import type { ForClientProps } from '@/lib/props';

    const props: ForClientProps = $props();

    const act = new Act();
    const asking = new Act();
    const answering = new Act();
    let said = $state({ question: '', options: '', operation: '', last_day: '' });
    let answers = $state<Record<number, string>>({});
    let sees = $state(untrack(() => [...props.sees]));

    const SEEN = [
        ['stages', 'how far it is, stage by stage'],
        ['photographs', 'the photographs that are chosen for them'],
        ['payments', 'what is paid when'],
    ] as const;

    /** By the plan, the day before what waits is to begin. */
    $effect(() => {
        const one = props.operations.find((operation) => String(operation.id) === said.operation);
        if (one) {
            untrack(() => (said.last_day = one.lastDay));
        }
    });

    function ask(event: SubmitEvent): void {
        event.preventDefault();
        asking.post(
            route('builds.decisions', props.number),
            said,
            () => (said = { question: '', options: '', operation: '', last_day: '' }),
        );
    }
</script>

<svelte:head><title>For the client of {props.number} · Regimen</title></svelte:head>

<p class="quiet">
    <a class="target" use:inertia href={route('builds.show', props.number)}>{props.number} · {props.title}</a>
    {#if props.clientId}· <a class="target" use:inertia href={route('clients.one', props.clientId)}>{props.client}</a
        >{/if}
</p>
<h1>{props.headline}</h1>

<div class="grid grid-cols-[minmax(0,1.4fr)_minmax(0,1fr)] gap-8 mt-3 items-start max-desk:grid-cols-1">
    <section aria-labelledby="decisions">
        <h2 id="decisions" class="border-t-2 border-t-ink pt-2">To decide</h2>
        <ul>
            {#each props.decisions as one (one.id)}
                <li class="border-b border-b-rule py-2" data-decision={one.id}>
                    <b>{one.question}</b>
                    <span class={['block', one.isLate ? 'late' : 'quiet']}>{one.words}</span>
                    {#if one.open}
                        <div class="flex flex-wrap gap-3 items-end mt-1">
                            {#each one.options as option (option)}
                                <button
                                    class="act"
                                    type="button"
                                    disabled={answering.busy}
                                    onclick={() =>
                                        answering.send('put', route('decisions.one', one.id), { answer: option })}
                                    >{option}</button
                                >
                            {:else}
                                <Field
                                    name={`answer-${one.id}`}
                                    label="What they said"
                                    bind:value={() => answers[one.id] ?? '', (words) => (answers[one.id] = words)}
                                />
                                <button
                                    class="act"
                                    type="button"
                                    disabled={answering.busy}
                                    onclick={() =>
                                        answering.send('put', route('decisions.one', one.id), {
                                            answer: answers[one.id] ?? '',
                                        })}>Write it down</button
                                >
                            {/each}
                            <button
                                class="word"
                                type="button"
                                disabled={answering.busy}
                                onclick={() => answering.send('delete', route('decisions.one', one.id))}
                                >Do not ask any more</button
                            >
                        </div>
                    {/if}
                </li>
            {:else}
                <li class="quiet py-2">Nothing yet.</li>
            {/each}
        </ul>
        <ErrorLine text={answering.errors.answer ?? answering.other('answer')} />
        {#if props.operations.length > 0}
            <form
                data-watched
                class="grid grid-cols-2 gap-3 items-start mt-4 max-md:grid-cols-1"
                onsubmit={ask}
                novalidate
            >
                <div class="col-span-full">
                    <Field
                        name="question"
                        label="Ask the client"
                        bind:value={said.question}
                        error={asking.errors.question}
                        hint="as they will read it: Pickup covers: open or closed?"
                    />
                </div>
                <Field
                    name="options"
                    label="To choose from, with commas between"
                    bind:value={said.options}
                    error={asking.errors.options}
                    hint="left empty: they answer in their own words"
                />
                <Field
                    name="operation"
                    label="What waits for it"
                    bind:value={said.operation}
                    error={asking.errors.operation}
                    options={[
                        { value: '', words: 'choose' },
                        ...props.operations.map((one) => ({ value: String(one.id), words: one.name })),
                    ]}
                />
                <Field
                    name="last_day"
                    label="Last day"
                    type="date"
                    bind:value={said.last_day}
                    error={asking.errors.last_day}
                    hint="by the plan: the day before that begins"
                />
                <div class="col-span-full">
                    <button class="do" type="submit" disabled={asking.busy}>Ask</button>
                    <ErrorLine text={asking.other('question', 'options', 'operation', 'last_day')} />
                </div>
            </form>
        {/if}
    </section>
    <section aria-labelledby="page">
        <h2 id="page" class="border-t-2 border-t-ink pt-2">Their page</h2>
        <p class="quiet">{props.standing}</p>
        {#if props.address}
            <p class="figure break-all mt-2" data-address>{props.address}</p>
            <p class="flex flex-wrap gap-3 mt-2">
                <a class="act" href={props.address} target="_blank" rel="noreferrer">Look at it</a>
                <button
                    class="act"
                    type="button"
                    disabled={act.busy}
                    onclick={() => act.send('delete', route('builds.client.page', props.number))}>Close it</button
                >
            </p>
        {:else if props.canOpen}
            <button
                class="do mt-2"
                type="button"
                disabled={act.busy}
                onclick={() => act.post(route('builds.client.page', props.number))}>Open a page for the client</button
            >
        {/if}
        {#if props.clientId}
            <p class="mt-3">
                <a class="act mr-3" use:inertia href={route('builds.letters', props.number)}>Write a letter</a>
                <a class="act" href={route('builds.client.file', props.number)} download>The same as one file to send</a
                >
            </p>
        {/if}
        <p class="small quiet mt-2">
            {props.photographs === 0
                ? 'No photograph is chosen for them yet; choose on the sheet.'
                : props.photographs === 1
                  ? 'One photograph is chosen for them.'
                  : `${props.photographs} photographs are chosen for them.`}
            Never on it: hours, prices of parts, other clients.
        </p>
        <h3 class="mt-4"><b>What clients see</b></h3>
        {#each SEEN as [key, words] (key)}
            <label class="flex items-center gap-3 min-h-11">
                <input class="size-5" type="checkbox" value={key} bind:group={sees} />
                {words}
            </label>
        {/each}
        <button
            class="act mt-2"
            type="button"
            disabled={act.busy}
            onclick={() => act.send('put', route('house.client-pages'), { sees })}>Save for all clients</button
        >
        <ErrorLine text={act.other()} />
    </section>
</div>

{#key props.travels.words}
    <Travels number={props.number} version={props.version} currency={props.currency} travels={props.travels} />
{/key}

<ChangeOrders number={props.number} client={props.client} agreed={props.agreed} change={props.change} />
