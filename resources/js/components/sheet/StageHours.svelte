<!-- Hours against the estimate, stage by stage: open what is estimated, solid what was worked. -->
<script lang="ts">
    import { labour } from '@/lib/time';
    import type { SheetOperation } from '@/lib/props';

    const { operations }: { operations: SheetOperation[] } = $props();

    interface StageSum {
        name: string;
        estimate: number;
        worked: number;
        over: boolean;
    }

    const stages = $derived.by((): StageSum[] => {
        const sums: Record<string, StageSum> = {};
        for (const one of operations) {
            const sum = (sums[one.stage] ??= { name: one.stage, estimate: 0, worked: 0, over: true });
            sum.estimate += one.setUpMinutes + one.labourMinutes;
            sum.worked += one.workedMinutes;
            sum.over &&= one.state === 'done';
        }
        return Object.values(sums).filter((sum) => sum.estimate > 0 || sum.worked > 0);
    });
    const most = $derived(Math.max(1, ...stages.map((sum) => Math.max(sum.estimate, sum.worked))));
    const share = (minutes: number): string => `${(100 * minutes) / most}%`;

    function words(sum: StageSum): string {
        const more = sum.worked - sum.estimate;
        const told = `${labour(sum.worked)} of ${labour(sum.estimate)}`;
        return more > 0
            ? `${told}, ${labour(more)} over`
            : sum.over && more < 0
              ? `${told}, ${labour(-more)} saved`
              : told;
    }
</script>

<ul class="my-[0.6rem]" data-stage-hours>
    {#each stages as sum (sum.name)}
        <li class="line" data-stage={sum.name}>
            <span>{sum.name}</span>
            <span class="bar" aria-hidden="true">
                <i class="border border-labour" style:width={share(sum.estimate)}></i>
                <i class="bg-labour" style:width={share(sum.worked)}></i>
            </span>
            <span class={['figure small', sum.worked > sum.estimate && 'tight']}>{words(sum)}</span>
        </li>
    {/each}
</ul>

<style>
    .line {
        display: grid;
        grid-template-columns: 9rem minmax(0, 1fr) 19rem;
        gap: 0.1rem 0.8rem;
        align-items: center;
        padding: 0.12rem 0;
    }

    .bar {
        display: grid;
        align-items: center;
    }

    i {
        grid-area: 1 / 1;
        height: 16px;
    }

    i + i {
        height: 8px;
    }
    @media (width < 60rem) {
        .line {
            grid-template-columns: minmax(0, 1fr) auto;
        }

        .bar {
            grid-column: 1 / -1;
            grid-row: 2;
        }
    }
</style>
