<script lang="ts">
    import Because from '@/components/Because.svelte';
    import type { Progress, SheetBuild } from '@/lib/props';

    const { progress, build }: { progress: Progress; build: SheetBuild } = $props();

    const scale = $derived(Math.max(progress.budget, progress.actual, 1));
    const width = (hours: number): string => `${(100 * hours) / scale}%`;
    const h = (hours: number): string => `${hours.toFixed(1)} h`;
</script>

<section class="sheet mt-4" id="progress">
    <h2>Progress against the deadline</h2>
    <div class="grid grid-cols-8 gap-y-3 gap-x-6 mt-[0.4rem] max-desk:grid-cols-2">
        <div
            class="bars [grid-column:span_5] [grid-row:span_2] max-desk:col-span-full"
            role="img"
            aria-label={`Earned ${h(progress.earned)}, worked ${h(progress.actual)}, planned by now ${h(progress.planned)} of ${h(progress.budget)}`}
        >
            <p>
                <span>earned</span><i class="border border-labour" style:width={width(progress.budget)}
                    ><i class="earned" style:width="{100 * progress.share}%"></i></i
                ><b class="figure" data-figure="earned">{h(progress.earned)}</b>
            </p>
            <p>
                <span>worked</span><i class="bg-labour" style:width={width(progress.actual)}></i><b
                    class="figure"
                    data-figure="worked">{h(progress.actual)}</b
                >
            </p>
            <p>
                <span>planned by now</span><i
                    class="border border-dashed border-labour"
                    style:width={width(progress.planned)}
                ></i><b class="figure">{h(progress.planned)}</b>
            </p>
            <p class="quiet small">
                of {h(progress.budget)} estimated, {Math.round(100 * progress.share)} % earned{build.open
                    ? ''
                    : '; the build is finished'}
            </p>
        </div>
        {#each progress.figures.filter((one) => !one.isMoney) as figure (figure.key)}
            <div class="desk:min-w-0">
                <p class="quiet small">{figure.name}</p>
                <p class={['figure', 'big', figure.warn && 'tight']} data-figure={figure.key}>{figure.value}</p>
                <Because text={figure.because} />
            </div>
        {/each}
    </div>
</section>

<style>
    .bars p {
        display: grid;
        grid-template-columns: 6.6rem minmax(0, 1fr) 4.5rem;
        align-items: center;
        gap: 0.6rem;
        padding: 0.1rem 0;
    }

    .bars p:last-child {
        display: block;
        padding-left: 7.2rem;
    }

    .bars b {
        grid-column: 3;
        text-align: right;
    }

    .bars span {
        font-size: 0.85rem;
        color: var(--quiet);
    }

    i {
        display: block;
        height: 14px;
    }

    .earned {
        height: 100%;
        background: var(--ink);
    }

    .big {
        font-size: 1.2rem;
    }
</style>
