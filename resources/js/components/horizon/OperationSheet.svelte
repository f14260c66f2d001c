<!-- The operation that was chosen: who, when, why not sooner; pinned by hand, and judged before it is done. -->
<script lang="ts">
    import EffectSheet from '@/components/plan/EffectSheet.svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { calendarDay, moment } from '@/lib/time';
    import type { WhyThen } from '@/lib/props';
    import type { Moving } from './moving.svelte';
    import { route } from '@/lib/address';

    interface Props {
        why: WhyThen;
        manager: boolean;
        people: { id: number; name: string }[];
        moving: Moving;
    }

    const { why, manager, people, moving }: Props = $props();

    const act = $derived(moving.act);
    const proposal = $derived(moving.proposal);
    const effect = $derived(moving.effect);
    const onpropose = (fixed: Partial<Record<'person' | 'day' | 'after', string>>): void => moving.propose(fixed);
    const shown = $derived({
        person: String(proposal?.person ?? why.pin?.person ?? ''),
        day: String(proposal?.day ?? why.pin?.day ?? ''),
        after: String(proposal?.after ?? why.pin?.after ?? ''),
    });
    /** What is still being typed is no day yet. */
    const isDay = (typed: string): boolean => typed === '' || /^\d{4}-\d{2}-\d{2}$/.test(typed);
    const others = $derived(
        why.pin?.after && !why.others.some((one) => one.value === why.pin?.after)
            ? [{ value: why.pin.after, words: why.pin.words }, ...why.others]
            : why.others,
    );
</script>

<section
    class="sheet sticky bottom-[5.6rem] bg-paper mt-[0.8rem] [max-height:60vh] [overflow-y:auto] [z-index:2] max-desk:[position:static] max-desk:[max-height:none]"
    id="chosen"
    data-chosen={why.id}
>
    <h2 class="flex justify-between gap-4">
        <a href={route('builds.show', why.build) + `#operation-${why.id}`}>{why.build} {why.name}</a>
        <button class="word small" type="button" onclick={() => moving.select(null)}>close</button>
    </h2>
    <p>
        {#if why.start && why.workEnd && why.start !== why.workEnd}<span class="figure small"
                >{moment(why.start)} – {moment(why.workEnd)}</span
            >{/if}
        {why.person ?? ''}
        {#if why.finish && why.finish !== why.workEnd}<span class="small quiet">hold until {moment(why.finish)}</span
            >{/if}
    </p>
    <p>{why.because}</p>
    {#each why.more as words (words)}<p class="small quiet">{words}</p>{/each}
    {#if manager && why.state === 'open'}
        <div
            class="grid grid-cols-[14rem_11rem_minmax(0,20rem)_auto] gap-y-[0.6rem] gap-x-4 items-end py-[0.4rem] max-desk:grid-cols-1"
        >
            <Field
                name="pin_person"
                label="Pin to"
                bind:value={() => shown.person, (person) => onpropose({ person })}
                options={[
                    { value: '', words: 'nobody in particular' },
                    ...people.map((one) => ({ value: String(one.id), words: one.name })),
                ]}
            />
            <Field
                name="pin_day"
                label="On the day"
                type="date"
                bind:value={() => shown.day, (day) => isDay(day) && onpropose({ day })}
            />
            <Field
                name="pin_after"
                label="After"
                bind:value={() => shown.after, (after) => onpropose({ after })}
                options={[{ value: '', words: 'nothing in particular' }, ...others]}
            />
            {#if why.pin}<button class="act" type="button" disabled={act.busy} onclick={() => moving.unpin()}
                    >Remove the pin</button
                >{/if}
        </div>
        <ErrorLine text={moving.silence || act.other()} />
        {#if proposal}
            <div class="judged" aria-busy={moving.asking}>
                {#if effect && !moving.asking}
                    <EffectSheet {effect} brief />
                    <p class="flex flex-wrap gap-[0.7rem] py-[0.4rem]">
                        <button class="do" type="button" disabled={act.busy} onclick={() => moving.fix()}>Apply</button>
                        <button
                            class="act"
                            type="button"
                            disabled={act.busy}
                            onclick={() =>
                                act.post(route('plan.try.with'), {
                                    name: effect.words[0]?.replace(/\.$/, '') ?? 'Tried',
                                    changes: [proposal],
                                })}>Try it first</button
                        >
                        <button class="act" type="button" onclick={() => moving.leave()}>Cancel</button>
                    </p>
                {:else if !moving.silence}
                    <p class="quiet small">It is being planned{shown.day ? `, on ${calendarDay(shown.day)}` : ''}.</p>
                {/if}
            </div>
        {:else}
            <p class="small quiet">
                Drag it along the row, or hold shift and use the arrows: left and right by a day, up and down past the
                one before or behind it. What it would do to the promises is shown before anything is done.
            </p>
        {/if}
    {/if}
</section>

<style>
    .judged {
        border-left: 5px solid var(--accent);
        padding-left: 0.9rem;
    }
</style>
