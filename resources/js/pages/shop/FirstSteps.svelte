<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import { route } from '@/lib/address';
    import type { FirstStepsProps } from '@/lib/props';

    const { heading, steps }: FirstStepsProps = $props();

    const next = $derived(steps.findIndex((step) => !step.done));
</script>

<svelte:head><title>First steps · Regimen</title></svelte:head>

<h1>{heading}</h1>
<p class="quiet">In this order; every step can be left and taken up again. When they are done, the plan is true.</p>

<ol class="mt-4">
    {#each steps as step, index (step.title)}
        <li
            class="grid grid-cols-[2.2rem_minmax(0,1fr)_auto] gap-x-4 border-t border-t-rule py-3 items-baseline max-desk:grid-cols-[2.2rem_minmax(0,1fr)]"
        >
            <span class="figure text-[1.4rem]" class:quiet={step.done}>{index + 1}</span>
            <div>
                <h2>{step.title} <span class="small quiet font-normal">{step.stands}</span></h2>
                <p class="quiet">{step.words}</p>
            </div>
            <a class={index === next ? 'do' : step.done ? 'word' : 'act'} use:inertia href={step.address}
                >{step.action}</a
            >
        </li>
    {/each}
</ol>
<p class="mt-4">
    Then a new commission goes its way: <a use:inertia href={route('commissions.new')}>take the first one</a>.
</p>

<style>
    li > a {
        justify-self: start;
    }

    @media (width < 60rem) {
        li > a {
            grid-column: 2;
            margin-top: 0.4rem;
        }
    }
</style>
