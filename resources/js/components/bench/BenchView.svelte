<script lang="ts">
    import { inertia, router } from '@inertiajs/svelte';
    import Because from '@/components/Because.svelte';
    import Empty from '@/components/Empty.svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import Mark from '@/components/Mark.svelte';
    import Keys from '@/components/bench/Keys.svelte';
    import MarkedDrawing from '@/components/bench/MarkedDrawing.svelte';
    import Instruction from '@/components/bench/Instruction.svelte';
    import Tally from '@/components/bench/Tally.svelte';
    import Waiting from '@/components/bench/Waiting.svelte';
    import { Act } from '@/lib/act.svelte';
    import { calendarDay, clock, fullDay, labour, minuteOfDay } from '@/lib/time';
    import { presses } from '@/lib/presses.svelte';
    import { shopClock } from '@/lib/now.svelte';
    import { route } from '@/lib/address';
    import type { BenchProps } from '@/lib/props';

    const { id, person, now, next, missing, gentle, changed, reasons, away, shared, fits, fitting }: BenchProps =
        $props();

    const act = new Act();
    let line = $state('');
    let time = $state('');

    /** Seconds without a touch after which a shared tablet is back at the names. */
    const IDLE = 120;

    $effect(() => {
        if (!shared) {
            return;
        }
        let timer = 0;
        const touched = (): void => {
            clearTimeout(timer);
            timer = window.setTimeout(() => presses.online && act.post(route('bench.leave')), IDLE * 1000);
        };
        touched();
        window.addEventListener('pointerdown', touched);
        window.addEventListener('keydown', touched);
        return () => {
            clearTimeout(timer);
            window.removeEventListener('pointerdown', touched);
            window.removeEventListener('keydown', touched);
        };
    });

    function look(event: SubmitEvent): void {
        event.preventDefault();
        router.get(route('bench'), { time }, { preserveState: true, preserveScroll: true });
    }

    function account(event: SubmitEvent): void {
        event.preventDefault();
        act.post(route('bench.day'), { day: missing?.day ?? '', line }, () => (line = ''));
    }
</script>

<div class="bench">
    <p class="flex justify-between gap-4 items-baseline">
        <span class="figure">{fullDay(shopClock.now)} {clock(shopClock.now)}</span>
        {#if shared}
            <button class="word" type="button" onclick={() => act.post(route('bench.leave'))}>{person} · change</button>
        {:else}
            <a class="small" use:inertia href={route('today')}>Today</a>
        {/if}
    </p>

    <Waiting person={id} {shared} />
    {#if away}<p class="border-l-4 border-l-ochre pl-3 my-2">Away: {away}. Start again when you are back.</p>{/if}
    {#if changed.length > 0}
        <section class="border-l-4 border-l-accent pl-3 my-2" aria-label="What changed in my day">
            {#each changed as one, index (index)}
                <p>{one.words}</p>
            {/each}
            <Because text={changed[0]?.because ?? ''} word="why" />
            <button class="act" type="button" onclick={() => act.post(route('bench.seen'))}>Seen</button>
        </section>
    {/if}

    {#if now}
        <p class="small quiet mt-2">{now.build} · {now.title}{now.piece ? ` · ${now.piece}` : ''}</p>
        <h1>{now.name[0]?.toUpperCase()}{now.name.slice(1)}</h1>
        {#if now.waits}<p class="late mt-1">{now.waits}</p>{/if}
        <figure class="my-3 max-w-[30rem]">
            <MarkedDrawing drawing={now.drawing} words={`${now.drawing.title} of No. ${now.build}`} />
        </figure>
        {#if now.lastTime}<p class="border-l-4 border-l-ochre pl-3 my-2" data-last-time>{now.lastTime}</p>{/if}
        <Instruction {now} />
        <p class="small quiet">{now.cautions.join(' ')}</p>
        <p class="flex justify-between gap-4 border-y border-rule py-2 my-2">
            <span><Mark kind="gate" />{now.ends}; {now.kind}</span>
            <span class="figure"
                >{labour(now.workedMinutes)} <span class="quiet">of {labour(now.plannedMinutes)}</span></span
            >
        </p>
        {#each now.timber as blank (blank)}<p class="small" data-timber>{blank}</p>{/each}
        {#if now.holds}<p class="small"><Mark kind="hold" />then holds {now.holds}</p>{/if}
        {#each now.lists as list (list.key)}<Tally {list} operation={now.id} />{/each}
        <div class="thumb"><Keys {now} {reasons} person={id} name={person} /></div>
    {:else}
        <h1>Nothing is planned for you</h1>
        <Empty words="What you work on stands here as soon as the plan has something for you." />
    {/if}

    <section class="mt-4">
        <h2>Then today</h2>
        <ul>
            {#each next as one (one.operation + one.from)}
                <li>
                    <a class="plain py-2" use:inertia href={route('bench') + `?operation=${one.operation}`}
                        ><b class="figure">{one.build}</b>
                        {one.name}
                        <span class="figure quiet">{minuteOfDay(one.from) > 0 ? clock(one.from) : 'under way'}</span></a
                    >
                </li>
            {:else}
                <li class="quiet">Nothing more is planned for you today.</li>
            {/each}
        </ul>
    </section>

    <form class="mt-4 flex gap-3 items-end flex-wrap" onsubmit={look}>
        <div class="w-40"><Field name="time" label="I have …" hint="40 minutes, 1:30" bind:value={time} /></div>
        <button class="act" type="submit">What fits?</button>
    </form>
    {#if fits}
        <section aria-label={`What fits into ${fits}`}>
            {#each fitting as one (one.operation + one.from)}
                <p>
                    <a class="plain py-2" use:inertia href={route('bench') + `?operation=${one.operation}`}
                        ><b class="figure">{one.build}</b> {one.name} <span class="quiet small">{one.because}</span></a
                    >
                </p>
            {:else}
                <p class="quiet">Nothing that is ready fits into {fits}.</p>
            {/each}
        </section>
    {/if}

    {#if missing}
        <form class="sheet mt-4" onsubmit={account}>
            <h2>{labour(missing.minutes)} of {calendarDay(missing.day)} are unaccounted for</h2>
            <Field
                name="line"
                label="In one line"
                hint="1.5 h 38 carve, 40 min customer, rest errands"
                bind:value={line}
                error={act.errors.line ?? act.errors.hours}
            />
            <p class="flex gap-3 mt-2">
                <button class="do" type="submit" disabled={act.busy || line.trim() === ''}>Save</button>
                <button
                    class="act"
                    type="button"
                    disabled={act.busy}
                    onclick={() => act.post(route('bench.day'), { day: missing.day, line: '' })}>Leave it open</button
                >
            </p>
        </form>
    {/if}

    <p class="mt-4">
        <label class="inline-flex gap-3 items-center min-h-[2.75rem] cursor-pointer">
            <input
                class="w-6 h-6"
                type="checkbox"
                checked={gentle}
                disabled={act.busy}
                onchange={(event) => act.post(route('bench.gentle'), { gentle: event.currentTarget.checked })}
            />
            A gentle day: nothing today that cannot be undone
        </label>
        <ErrorLine text={act.errors.gentle} />
    </p>
</div>

<style>
    .bench {
        max-width: 34rem;
        margin: 0 auto;
        font-size: 1.05rem;
    }

    /* Within a thumb’s reach, wherever the page is read. */
    .thumb {
        position: sticky;
        bottom: 0;
        z-index: 5;
        margin-top: 0.75rem;
        padding: 0.6rem 0;
        background: var(--paper);
    }

    /* Nothing with the focus lies under the large keys. */
    .bench :global(:is(a, button, input, textarea, label)) {
        scroll-margin-bottom: 17rem;
    }

    .thumb :global(:is(button, input, textarea, label)) {
        scroll-margin-bottom: 1rem;
    }

    li {
        border-bottom: 1px solid var(--rule);
    }
</style>
