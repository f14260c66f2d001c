<script lang="ts">
    import { inertia, page } from '@inertiajs/svelte';
    import type { ComponentProps } from 'svelte';
    import Instrument from '@/components/Instrument.svelte';
    import Strip from '@/components/Strip.svelte';
    import RowInTime from '@/components/horizon/RowInTime.svelte';
    import Track from '@/components/horizon/Track.svelte';
    import type { Item } from '@/components/horizon/items';
    import { percent as words } from '@/components/forecast/chance';
    import { shortDay } from '@/lib/time';
    import type { HorizonBuild } from '@/lib/props';
    import { route } from '@/lib/address';

    interface Props {
        build: HorizonBuild;
        of: Item[];
        track: Omit<ComponentProps<typeof Track>, 'id' | 'label' | 'items' | 'off' | 'holds'>;
        width: number;
        free: [string, string][];
        shopOff: [number, number][];
        today: number;
        minuteOf: (at: string) => number;
        oncloser: (event: MouseEvent, of: Item[]) => void;
    }

    const { build, of, track, width, free, shopOff, today, minuteOf, oncloser }: Props = $props();

    const manager = $derived(page.props.viewer?.manager ?? false);
    const tone = (build: HorizonBuild): string =>
        build.verdict === 'late' || build.verdict === 'unplanned' ? 'late' : build.verdict === 'risk' ? 'tight' : '';
    const slack = (build: HorizonBuild): string =>
        build.slackDays === null
            ? '–'
            : `${build.slackDays > 0 ? '+' : build.slackDays < 0 ? '−' : ''}${Math.abs(build.slackDays)} d`;
</script>

<RowInTime {today} height="64px">
    {#snippet who()}
        <a
            class="plain who grid grid-cols-[6.6rem_1fr] gap-3 items-center"
            use:inertia
            href={route('builds.show', build.number)}
        >
            <span class="h-12"
                ><Instrument
                    drawing={build.drawing}
                    inked={build.inked}
                    words={`drawing of No. ${build.number}`}
                /></span
            >
            <span>
                <b>{build.number} · {build.title}</b>
                <span
                    class="small quiet [display:-webkit-box] [-webkit-line-clamp:2] [line-clamp:2] [-webkit-box-orient:vertical] overflow-hidden text-[0.78rem]"
                    >{build.inOneLine}</span
                >
            </span>
        </a>
    {/snippet}
    {#if track.view.level === 0}
        <button
            class="block w-full [cursor:zoom-in] text-left"
            type="button"
            aria-label={`Look closer at No. ${build.number} ${build.title}: ${build.slackWords}`}
            onclick={(event) => oncloser(event, of)}
        >
            <Strip {build} x={(at) => track.view.x(minuteOf(at))} {width} {free} />
        </button>
    {:else}
        <Track
            {...track}
            id={`build-${build.number}`}
            label={`Operations of No. ${build.number} ${build.title}`}
            items={of}
            holds
            off={shopOff}
            waits={build.strip
                .filter((mark) => mark.kind === 'wait')
                .map((mark) => ({ from: minuteOf(mark.from), to: minuteOf(mark.to), words: mark.words }))}
            spread={build.chance?.by95
                ? { from: minuteOf(build.chance.by50), to: minuteOf(build.chance.by95), words: build.chance.words }
                : null}
            promise={build.promiseAt
                ? { at: minuteOf(build.promiseAt), words: `promised for ${build.promisedOn}`, tone: tone(build) }
                : null}
        />
    {/if}
    {#snippet standing()}
        <div class="slack">
            <span class={['figure', tone(build)]}>
                {slack(build)}
                {#if build.chance}
                    {@const percent = build.chance.percent}
                    {#if manager}
                        <a
                            class="target ml-2"
                            use:inertia
                            href={route('builds.chance', build.number)}
                            title={build.chance.words}
                            aria-label={percent === null
                                ? `chances of No. ${build.number}`
                                : `${words(percent)} chance that No. ${build.number} keeps its promise`}
                            data-chance={build.number}>{percent === null ? 'chances' : words(percent)}</a
                        >
                    {:else if percent !== null}<span class="ml-2" title={build.chance.words}>{words(percent)}</span
                        >{/if}
                {/if}
            </span>
            <span class={['small', tone(build) || 'quiet']}>{build.slackWords}</span>
            <span class="small quiet">
                {#if build.finish}finish {shortDay(build.finish)}{/if}{#if build.promiseAt}, {build.promiseKind ===
                    'promised'
                        ? 'promise'
                        : build.promiseKind}
                    {shortDay(build.promiseAt)}{/if}
            </span>
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
