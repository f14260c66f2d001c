<script lang="ts">
    import { inertia, page, router } from '@inertiajs/svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import PartForm from '@/components/parts/PartForm.svelte';
    import { Act } from '@/lib/act.svelte';
    import { amount } from '@/lib/amount';
    import { route } from '@/lib/address';
    import type { CatalogueProps } from '@/lib/props';

    const { headline, parts, find, more, groups, prices, units, value }: CatalogueProps = $props();

    const act = new Act();
    const manager = $derived(page.props.viewer?.manager ?? false);
    let adding = $state(false);
    let counting = $state(false);
    let typed = $derived(find);
    let counted = $state<Record<string, string>>({});
    let because = $state('');
    /** The last movement that was known when the counting began. */
    let seen = $state<Record<string, string>>({});

    function begin(): void {
        counting = !counting;
        counted = {};
        seen = Object.fromEntries(parts.map((one) => [one.id, String(one.seen)]));
    }

    function book(): void {
        const said = Object.fromEntries(Object.entries(counted).filter(([, text]) => text.trim() !== ''));
        act.post(
            route('stores.count'),
            { counted: said, seen: Object.fromEntries(Object.keys(said).map((id) => [id, seen[id] ?? '0'])), because },
            () => {
                counting = false;
                because = '';
            },
        );
    }
</script>

<svelte:head><title>Catalogue and stock · Regimen</title></svelte:head>

<p class="small quiet"><a use:inertia href={route('stores')}>Stores</a> · catalogue and stock</p>
<h1>{headline}</h1>
<p class="quiet">
    What is bought comes into the catalogue by itself. Free lies in its drawer for nobody; reserved lies in a kit.
    {#if manager}<a class="inline" use:inertia href={route('stores.table')}>Parts, prices and stock as a table</a>.{/if}
    {#if value}All of it is worth <span class="figure">{value}</span>.{/if}
</p>
<div class="flex flex-wrap gap-3 items-end mt-2">
    <form
        class="flex gap-3 items-end grow"
        role="search"
        onsubmit={(event) => {
            event.preventDefault();
            router.get(route('stores.parts'), typed === '' ? {} : { find: typed }, {
                preserveState: true,
                preserveScroll: true,
            });
        }}
    >
        <div class="w-64"><Field name="find" label="Name, kind, drawer" bind:value={typed} /></div>
        <button class="act" type="submit">Find</button>
    </form>
    <button class="act" type="button" aria-expanded={counting} onclick={begin}
        >{counting ? 'Leave the stocktake' : 'Count the stock'}</button
    >
    {#if manager}
        <button class="do" type="button" aria-expanded={adding} onclick={() => (adding = !adding)}>Add a part</button>
    {/if}
</div>
{#if adding}<PartForm {groups} {prices} {units} />{/if}

<section class="sheet mt-5">
    <h2>Parts</h2>
    <div class="heads quiet small" class:counting aria-hidden="true">
        <span>part</span><span>drawer</span><span>free</span><span>reserved</span><span>coming</span><span
            >again at</span
        ><span>{manager ? 'worth' : ''}</span>{#if counting}<span>counted</span>{/if}
    </div>
    <ul>
        {#each parts as one (one.id)}
            <li class="border-t border-t-rule py-[0.3rem]" data-part={one.name}>
                <div class="line" class:counting>
                    <span
                        ><a class="plain" use:inertia href={route('stores.parts.one', one.id)}
                            ><b class="font-[550]">{one.name}</b></a
                        >
                        <span class="quiet small">{one.group}{one.suppliers ? `, ${one.suppliers}` : ''}</span></span
                    >
                    <span class="quiet small">{one.place}</span>
                    <span class={['figure', one.short && 'tight']}>{amount(one.free, one.unit)}</span>
                    <span class="figure quiet"><span class="name">reserved </span>{one.reserved || ''}</span>
                    <span class="figure quiet"><span class="name">coming </span>{one.coming || ''}</span>
                    <span class={['figure', one.short ? 'tight' : 'quiet']}
                        ><span class="name">again at </span>{one.reorderAt ?? ''}</span
                    >
                    <span class="figure quiet">{one.value ?? ''}</span>
                    {#if counting}
                        <input
                            class="field figure"
                            aria-label={`How much of ${one.name} lies there, ${one.unit}`}
                            value={counted[one.id] ?? ''}
                            oninput={(event) => (counted = { ...counted, [one.id]: event.currentTarget.value })}
                        />
                    {/if}
                </div>
                <ErrorLine text={act.errors[`counted.${one.id}`]} />
            </li>
        {:else}
            <li class="quiet">{find ? 'Nothing of that name.' : 'Nothing was bought yet.'}</li>
        {/each}
    </ul>
    {#if more > 0}<p class="quiet border-t border-t-rule pt-2">{more} more. Find them by name, kind or drawer.</p>{/if}
    {#if counting}
        <div class="flex flex-wrap gap-3 items-end border-t border-t-rule py-3 sticky bottom-[4.5rem] bg-paper">
            <div class="grow max-w-120">
                <Field name="because" label="Why it differs, as far as it is known" bind:value={because} />
            </div>
            <button class="do" type="button" disabled={act.busy} onclick={book}>Book what was counted</button>
        </div>
        <ErrorLine text={act.errors.conflict ?? act.errors.counted} />
    {/if}
</section>

<style>
    .heads,
    .line {
        display: grid;
        grid-template-columns: minmax(0, 1fr) 7rem 7rem 5rem 5rem 5rem 6rem;
        gap: 0.75rem;
        align-items: baseline;
    }

    .heads > :nth-child(n + 3),
    .line > :nth-child(n + 3) {
        text-align: right;
    }

    .counting {
        grid-template-columns: minmax(0, 1fr) 7rem 7rem 5rem 5rem 5rem 6rem 7rem;
    }

    .line input {
        min-height: var(--target);
        width: 100%;
    }

    .name {
        display: none;
    }

    @media (max-width: 1023px) {
        .heads {
            display: none;
        }

        .line,
        .counting {
            grid-template-columns: 1fr 1fr;
        }

        .line > :nth-child(n + 3) {
            text-align: left;
        }

        .figure:not(:empty) > .name {
            display: inline;
        }

        .line > :first-child {
            grid-column: 1 / -1;
        }
    }
</style>
