<!-- What is quoted and not answered: an empty, dashed place behind everything that is promised. -->
<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import Mark from '@/components/Mark.svelte';
    import RowInTime from '@/components/horizon/RowInTime.svelte';
    import { shortDay } from '@/lib/time';
    import type { HeldPlace } from '@/lib/props';
    import { route } from '@/lib/address';

    interface Props {
        place: HeldPlace;
        x: (at: string) => number;
        width: number;
        today: number;
    }

    const { place, x, width, today }: Props = $props();

    const from = $derived(Math.max(0, x(place.from)));
    const to = $derived(Math.min(width, x(place.to)));
    const promise = $derived(x(place.promiseAt));
</script>

<RowInTime {today} height="44px">
    {#snippet who()}
        <a class="plain who target" use:inertia href={route('quotes.one', place.id)}>
            <span><b>{place.name}</b> <span class="small quiet">{place.about}, not answered yet</span></span>
        </a>
    {/snippet}
    <svg
        class="in-time block"
        {width}
        height="44"
        role="img"
        aria-label={`${place.name}: ${place.words}`}
        data-held={place.id}
    >
        {#if from < width && to > from}
            <rect
                class="fill-none stroke-ink [stroke-dasharray:4_4]"
                x={from + 0.5}
                y="12.5"
                width={Math.max(1, to - from - 1)}
                height="19"
            />
        {/if}
        {#if promise <= width + 12}
            <Mark
                kind="promise"
                at={{ x: promise, y: 6, height: 32 }}
                tone={place.late ? 'late' : ''}
                words={place.words}
            />
        {/if}
    </svg>
    {#snippet standing()}
        <div class="slack">
            <span class={['small', place.late ? 'late' : 'quiet']}
                >{place.late ? 'its date is gone' : 'holds its place'}</span
            >
            <span class="small quiet">ready {shortDay(place.to)}, offered {shortDay(place.promiseAt)}</span>
        </div>
    {/snippet}
</RowInTime>

<style>
    .slack {
        display: flex;
        flex-direction: column;
    }

    .slack .small {
        font-size: 0.75rem;
    }
</style>
