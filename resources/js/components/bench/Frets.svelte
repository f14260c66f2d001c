<script lang="ts">
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';
    import type { FretPicture } from '@/lib/props';

    const { frets, count, build }: { frets: FretPicture | null; count: number; build: number } = $props();

    const act = new Act();
    let heights = $state('');

    const WIDE = 320;
    const HIGH = 110;
    const most = $derived(Math.max(0.05, ...(frets?.heights ?? []).map(Math.abs)));
    const y = (mm: number): number => HIGH / 2 - (mm / most) * (HIGH / 2 - 12);
    const x = (index: number, all: number): number => 10 + ((WIDE - 20) * index) / Math.max(1, all - 1);

    function save(event: SubmitEvent): void {
        event.preventDefault();
        act.post(route('set-up.frets', build), { heights }, () => (heights = ''));
    }
</script>

<section class="sheet mt-3">
    <h2>Frets over a straight line</h2>
    {#if frets}
        <svg
            class="w-full max-w-xl block"
            viewBox={`0 0 ${WIDE} ${HIGH}`}
            role="img"
            aria-label="Heights of the frets, and what comes off them"
        >
            <line x1="0" x2={WIDE} y1={y(0)} y2={y(0)} />
            {#each frets.heights as height, index (index)}
                <rect
                    x={x(index, frets.heights.length) - 3}
                    width="6"
                    y={Math.min(y(height), y(0))}
                    height={Math.max(1, Math.abs(y(height) - y(0)))}
                />
                {#if (frets.off[index] ?? 0) > 0}
                    <rect
                        class="off"
                        x={x(index, frets.heights.length) - 3}
                        width="6"
                        y={y(height)}
                        height={Math.max(1.5, y(height - (frets.off[index] ?? 0)) - y(height))}
                    />
                {/if}
                {#if frets.rocking.includes(index + 1)}
                    <text x={x(index, frets.heights.length)} y={HIGH - 2} text-anchor="middle">{index + 1}</text>
                {/if}
            {/each}
        </svg>
        <p>
            {frets.rocking.length === 0
                ? `No fret rocks more than ${frets.rocks} mm.`
                : `${frets.rocking.length === 1 ? 'Fret' : 'Frets'} ${frets.rocking.join(', ')} ${frets.rocking.length === 1 ? 'rocks' : 'rock'}. Take off at least: ${frets.off
                      .map((mm, index) => (mm > 0 ? `${index + 1} by ${mm.toFixed(2)}` : ''))
                      .filter(Boolean)
                      .join(', ')} mm.`}
        </p>
        {#if frets.rocking.length > 0}
            <p class={frets.crown < frets.least ? 'late' : 'quiet'}>
                {frets.crown.toFixed(2)} mm of crown are left{frets.crown < frets.least
                    ? `, less than ${frets.least}: change the fret instead`
                    : ''}.
            </p>
        {/if}
    {/if}
    <form class="max-w-xl" onsubmit={save}>
        <Field
            name="heights"
            label={`Heights of frets 1 to ${count} over the straight edge, along one string`}
            hint="hundredths of a millimetre, with spaces between: 0 0.02 -0.01 …"
            bind:value={heights}
            error={act.errors.heights}
        />
        <button class="act mt-2 min-h-[2.75rem]" type="submit" disabled={act.busy || heights.trim() === ''}
            >Write down the heights</button
        >
    </form>
</section>

<style>
    line {
        stroke: var(--quiet);
        stroke-width: 1;
    }

    rect {
        fill: var(--ink);
    }

    .off {
        fill: var(--rust);
    }

    text {
        font-size: 12.6px;
        fill: var(--rust);
    }
</style>
