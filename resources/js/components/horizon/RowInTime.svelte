<!-- One row of the horizon: whose it is, what lies in time with today across it, and how it stands. -->
<script lang="ts">
    import type { Snippet } from 'svelte';

    interface Props {
        /** Where today is, in pixels. */
        today: number;
        /** The least height; what is not in sight is not drawn. */
        height: string;
        who: Snippet;
        children: Snippet;
        standing: Snippet;
    }

    const { today, height, who, children, standing }: Props = $props();

    /** So many pixels above and below what is seen are drawn as well: whoever scrolls or tabs on finds the next row there. */
    const NEAR = 1000;

    let near = $state(false);
    /** What it took when it was drawn last, so that nothing jumps when it goes out of sight. */
    let drawn = $state(0);

    function watch(row: HTMLElement): { destroy: () => void } {
        const { top, bottom } = row.getBoundingClientRect();
        near = top < window.innerHeight + NEAR && bottom > -NEAR;
        const observer = new IntersectionObserver(
            (entries) => (near = entries[entries.length - 1]?.isIntersecting ?? near),
            { rootMargin: `${NEAR}px 0px` },
        );
        observer.observe(row);
        return { destroy: () => observer.disconnect() };
    }
</script>

<svelte:window onbeforeprint={() => (near = true)} />

<li
    use:watch
    class="grid grid-cols-[17.5rem_minmax(0,1fr)_11.2rem] gap-x-3 border-b border-b-rule items-center min-h-[var(--height)] [content-visibility:auto] [contain-intrinsic-size:auto_var(--height)] max-desk:grid-cols-[minmax(0,1fr)_auto] max-desk:pt-2"
    style:--height={height}
>
    {@render who()}
    <div class="strip relative max-desk:[grid-row:2] max-desk:col-span-full" style:--today="{today}px">
        {#if near}
            <div bind:clientHeight={drawn}>{@render children()}</div>
        {:else}
            <div style:height="{drawn}px"></div>
        {/if}
    </div>
    {@render standing()}
</li>

<style>
    li :global(.who) {
        line-height: 1.2;
    }

    li :global(.who b) {
        font-family: var(--heading);
        font-weight: 650;
    }

    li :global(.slack) {
        text-align: right;
        line-height: 1.2;
    }

    .strip::after {
        content: '';
        position: absolute;
        top: 0;
        bottom: -1px;
        left: var(--today);
        border-left: 2px solid var(--accent);
        pointer-events: none;
    }
</style>
