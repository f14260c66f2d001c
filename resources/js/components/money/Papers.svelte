<!-- Invoices and credit notes as lines. -->
<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import { route } from '@/lib/address';
    import type { Paper } from '@/lib/props';

    interface Props {
        papers: Paper[];
        /** What stands there where there are none. */
        none: string;
        /** Whether what is left counts rather than the whole. */
        left?: boolean;
    }

    const { papers, none, left = false }: Props = $props();
</script>

<ul>
    {#each papers as one (one.id)}
        <li
            class="grid grid-cols-[1fr_auto] gap-x-4 border-b border-b-rule py-2"
            data-paper={one.id}
            class:late={one.isLate}
        >
            <a class="plain" use:inertia href={route('invoices.one', one.id)}
                ><b>{one.name}</b>, {one.client}
                <span class={['small block', !one.isLate && 'quiet']}>{one.what}, No. {one.build} · {one.state}</span
                ></a
            >
            <span class="figure">{left && one.left ? one.left : one.amount}</span>
        </li>
    {:else}
        <li class="quiet py-2">{none}</li>
    {/each}
</ul>
