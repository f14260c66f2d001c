<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import SupplierForm from '@/components/parts/SupplierForm.svelte';
    import { route } from '@/lib/address';
    import type { SuppliersProps } from '@/lib/props';

    const { headline, suppliers }: SuppliersProps = $props();

    let open = $state<number | 'new' | null>(null);
    const most = $derived(Math.max(1, ...suppliers.map((one) => one.ninth ?? 0)));
</script>

<svelte:head><title>Suppliers · Regimen</title></svelte:head>

<p class="small quiet"><a use:inertia href={route('stores')}>Stores</a> · suppliers</p>
<h1>{headline}</h1>
<p class="quiet">
    How long each takes is learned from what came; what the house expected weighs as four orders. Solid to the middle,
    open to nine of ten.
</p>
<button
    class="do mt-2"
    type="button"
    aria-expanded={open === 'new'}
    onclick={() => (open = open === 'new' ? null : 'new')}>Add a supplier</button
>
{#if open === 'new'}<SupplierForm done={() => (open = null)} />{/if}

<ul class="mt-4">
    {#each suppliers as one (one.id)}
        <li class="border-t border-t-rule py-2" data-supplier={one.name}>
            <div
                class="grid grid-cols-[14rem_minmax(0,1fr)_minmax(0,1fr)_auto] gap-x-6 gap-y-1 items-center max-desk:grid-cols-1"
            >
                <span
                    ><b>{one.name}</b>
                    <span class="quiet small block"
                        >{one.parts === 1 ? 'one part' : `${one.parts} parts`}{one.open > 0
                            ? `, ${one.open === 1 ? 'one order' : `${one.open} orders`} on the way`
                            : ''}</span
                    ></span
                >
                <span>
                    {#if one.median !== null && one.ninth !== null}
                        <svg class="block w-full h-4" viewBox="0 0 100 8" preserveAspectRatio="none" aria-hidden="true">
                            <rect class="solid" x="0" y="1" width={(100 * one.median) / most} height="6" />
                            <rect
                                class="open"
                                x={(100 * one.median) / most}
                                y="1"
                                width={(100 * (one.ninth - one.median)) / most}
                                height="6"
                            />
                        </svg>
                    {/if}
                    <span class="quiet small">{one.learned}</span>
                </span>
                <span class="small"
                    >{#if one.email || one.address}{one.email}
                        <span class="quiet block">{one.address}</span>{:else}<span class="tight"
                            >neither mail nor address: no order can be placed</span
                        >{/if}</span
                >
                <button
                    class="word"
                    type="button"
                    aria-expanded={open === one.id}
                    onclick={() => (open = open === one.id ? null : one.id)}>change</button
                >
            </div>
            {#if open === one.id}<SupplierForm supplier={one} done={() => (open = null)} />{/if}
        </li>
    {/each}
</ul>

<style>
    .solid {
        fill: var(--ink);
    }

    .open {
        fill: none;
        stroke: var(--ink);
        stroke-width: 1;
        stroke-dasharray: 3 2;
        vector-effect: non-scaling-stroke;
    }
</style>
