<!-- One way on: what it takes, and what it would do to the plan of the whole shop. -->
<script lang="ts">
    import Instrument from '@/components/Instrument.svelte';
    import Tried from './Tried.svelte';
    import { labour } from '@/lib/time';
    import type { RemedyLine, RemedyTried } from '@/lib/props';

    interface Props {
        remedy: RemedyLine;
        tried: RemedyTried | null | undefined;
        chosen: boolean;
        canChoose: boolean;
        onchoose: () => void;
    }

    const { remedy, tried, chosen, canChoose, onchoose }: Props = $props();

    const name = $derived((remedy.name[0]?.toUpperCase() ?? '') + remedy.name.slice(1));
    const cannot = $derived(remedy.cannot.length > 0);
</script>

<section class={['way', chosen && 'chosen']} aria-label={name} data-remedy={`${remedy.do}:${remedy.option}`}>
    <h2 class="min-h-[2.75rem] flex items-center">
        {#if canChoose && !cannot}
            <label class="cursor-pointer flex gap-2 items-center min-h-[2.75rem]">
                <input type="radio" name="remedy" checked={chosen} onchange={onchoose} />
                {name}
            </label>
        {:else}
            {name}
        {/if}
    </h2>
    {#if remedy.drawing}
        <div class="h-[4.5rem] my-2">
            <Instrument drawing={remedy.drawing} words={`${name}, the piece as it would be`} />
        </div>
    {/if}
    <dl>
        <dt>hours</dt>
        <dd class="figure">{remedy.minutes > 0 ? `+ ${labour(remedy.minutes)}` : 'none'}</dd>
        {#if remedy.money}
            <dt>money</dt>
            <dd class="figure">+ {remedy.money}</dd>
        {/if}
        <dt>parts</dt>
        <dd>{remedy.parts.length > 0 ? remedy.parts.join(', ') : 'none'}</dd>
        {#if !cannot && remedy.lost}
            <dt>lost</dt>
            <dd>{remedy.lost}</dd>
        {/if}
        {#if !cannot && canChoose}
            <Tried {tried} />
        {:else if !cannot && remedy.shows.length > 0}
            <dt>shows</dt>
            <dd>{remedy.shows.join('; ')}</dd>
        {/if}
        {#if cannot}
            <dt>but</dt>
            <dd class="late">{remedy.cannot.join('; ')}: cannot be chosen</dd>
        {/if}
    </dl>
</section>

<style>
    .way {
        border-top: 2px solid var(--ink);
        padding-top: 0.5rem;
    }

    .chosen {
        border-top: 5px solid var(--accent);
    }

    dl {
        display: grid;
        grid-template-columns: 4.2rem minmax(0, 1fr);
        gap: 0.35rem 0.6rem;
    }

    dt {
        color: var(--quiet);
        font-size: 0.85rem;
    }

    input {
        width: 1.1rem;
        height: 1.1rem;
    }
</style>
