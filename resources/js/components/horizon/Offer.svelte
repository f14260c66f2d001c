<!-- A better plan that was found, with what it gains and what it would move. -->
<script lang="ts">
    import type { BetterPlan } from '@/lib/props';
    import type { Act } from '@/lib/act.svelte';
    import { calendarDay } from '@/lib/time';
    import { route } from '@/lib/address';

    const { offer, act }: { offer: BetterPlan; act: Act } = $props();

    const day = (date: string | null): string => (date ? calendarDay(date) : 'not planned');
    const moves = $derived(offer.moves.map((move) => `${move.operations} of ${move.person}’s operations`).join(', '));
</script>

<div class="offer" id="offer">
    <p>
        <b>A better plan was found.</b>
        {#each offer.gains as gain (gain.number)}<span
                >{gain.number} {gain.title} {day(gain.before)} → {day(gain.after)}.
            </span>{/each}
        <span class="quiet"
            >{moves === '' ? 'Nobody’s coming week would change.' : `In the coming week it moves ${moves}.`}</span
        >
    </p>
    <button class="do" type="button" disabled={act.busy} onclick={() => act.post(route('plan.offers.take', offer.id))}
        >Use this plan</button
    >
    <button class="act" type="button" disabled={act.busy} onclick={() => act.post(route('plan.offers.leave', offer.id))}
        >Keep the present plan</button
    >
</div>

<style>
    .offer {
        display: flex;
        flex-wrap: wrap;
        gap: 0.5rem 1rem;
        align-items: center;
        border-left: 5px solid var(--accent);
        padding: 0.4rem 0.9rem;
        margin: 0.6rem 0;
    }

    .offer p {
        flex: 1 1 30rem;
    }
</style>
