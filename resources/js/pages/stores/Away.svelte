<script lang="ts">
    import { inertia, page, router } from '@inertiajs/svelte';
    import { untrack } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import SentRow from '@/components/parts/SentRow.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';
    import type { AwayProps } from '@/lib/props';

    const { headline, works, before, builds, suppliers, build, routeVersion, operation, operations }: AwayProps =
        $props();

    const act = new Act();
    const manager = $derived(page.props.viewer?.manager ?? false);
    let chosen = $derived(build === null ? '' : String(build));
    let key = $state(untrack(() => (operations.some((one) => one.key === operation) ? operation : '')));
    let also = $state<string[]>([]);
    let said = $state(untrack(() => ({ supplier: '', what: '', note: '', lead_days: '', cost: '' })));
    const at = $derived(operations.findIndex((one) => one.key === key));
    /** What comes after it in the same stage is often done along with it: all the coats, polishing. */
    const behind = $derived(at < 0 ? [] : operations.slice(at + 1, at + 20));
    const name = $derived(operations[at]?.name ?? '');

    function choose(number: string): void {
        key = '';
        also = [];
        router.get(route('stores.away'), number === '' ? {} : { build: number }, {
            preserveState: true,
            preserveScroll: true,
        });
    }

    function send(event: SubmitEvent): void {
        event.preventDefault();
        act.post(
            route('stores.away.work'),
            {
                ...said,
                what: said.what === '' ? name : said.what,
                build: chosen,
                version: routeVersion,
                operation: key,
                also: also.filter((one) => behind.some((other) => other.key === one)),
            },
            () => {
                key = '';
                also = [];
                said = { supplier: '', what: '', note: '', lead_days: '', cost: '' };
            },
        );
    }
</script>

<svelte:head><title>Work sent out · Regimen</title></svelte:head>

<p class="small quiet"><a use:inertia href={route('stores')}>Stores</a> · work sent out</p>
<h1>{headline}</h1>
<p class="quiet">
    Its piece is away from the dispatch to the return, and nothing else is planned on it meanwhile. What it costs stands
    in the kit of its build.
</p>

<section class="sheet mt-[1.2rem]">
    <h2>Agreed and away</h2>
    <ul>
        {#each works as work (work.id)}<SentRow {work} {manager} />{:else}<li class="quiet">
                Everything is done here.
            </li>{/each}
    </ul>
</section>

{#if manager}
    <section class="sheet mt-[1.2rem]">
        <h2>Send work out</h2>
        <form onsubmit={send} novalidate>
            <div class="grid grid-cols-3 gap-3 items-end max-desk:grid-cols-1">
                <Field
                    name="build"
                    label="Build"
                    options={[{ value: '', words: 'choose' }, ...builds]}
                    bind:value={() => chosen, choose}
                    error={act.errors.build}
                />
                <Field
                    name="operation"
                    label="Operation"
                    options={[
                        { value: '', words: build === null ? 'choose a build first' : 'choose' },
                        ...operations.map((one) => ({ value: one.key, words: one.name })),
                    ]}
                    bind:value={key}
                    error={act.errors.operation}
                />
                <Field
                    name="supplier"
                    label="Done by"
                    options={[{ value: '', words: 'choose' }, ...suppliers]}
                    bind:value={said.supplier}
                    error={act.errors.supplier}
                />
                <Field
                    name="what"
                    label="What is done there"
                    hint={name}
                    bind:value={said.what}
                    error={act.errors.what}
                />
                <Field
                    name="lead_days"
                    label="Days it is away"
                    bind:value={said.lead_days}
                    error={act.errors.lead_days}
                />
                <Field name="cost" label="Costs" bind:value={said.cost} error={act.errors.cost} />
            </div>
            {#if behind.length > 0}
                <fieldset class="mt-3">
                    <legend class="quiet small">Done there along with it</legend>
                    <div class="flex flex-wrap gap-x-5">
                        {#each behind as one (one.key)}
                            <label class="flex gap-2 items-center min-h-11"
                                ><input type="checkbox" value={one.key} bind:group={also} />{one.name}</label
                            >
                        {/each}
                    </div>
                </fieldset>
            {/if}
            <div class="mt-3">
                <Field name="note" label="A word to whoever does it" bind:value={said.note} error={act.errors.note} />
            </div>
            <button class="do mt-3" type="submit" disabled={act.busy}>It is agreed</button>
            <ErrorLine text={act.other('build', 'operation', 'supplier', 'what', 'lead_days', 'cost', 'note')} />
        </form>
    </section>
{/if}

{#if before.length > 0}
    <section class="sheet mt-[1.2rem]">
        <h2>Back again</h2>
        <ul>
            {#each before as one, index (index)}<li class="border-t border-t-rule py-1">{one}</li>{/each}
        </ul>
    </section>
{/if}
