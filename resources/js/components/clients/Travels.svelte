<!-- What the promise means and how the instrument travels; and whether the build rests for a while. -->
<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import { untrack } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';
    import type { HowItTravels } from '@/lib/props';

    interface Props {
        number: number;
        version: number;
        currency: string;
        travels: HowItTravels;
    }

    const props: Props = $props();

    const act = new Act();
    const resting = new Act();
    let changing = $state(false);
    let said = $state(
        untrack(() => ({
            means: props.travels.means,
            carrier: props.travels.carrier,
            days: props.travels.days,
            cost: props.travels.cost,
            insurance: props.travels.insurance,
            collecting: props.travels.collecting,
        })),
    );
    let until = $state('');
    let because = $state('');

    function save(event: SubmitEvent): void {
        event.preventDefault();
        act.send(
            'put',
            route('builds.carriage', props.number),
            { ...said, version: props.version },
            () => (changing = false),
        );
    }

    function tryIt(event: SubmitEvent): void {
        event.preventDefault();
        resting.post(route('plan.try.with'), {
            name: `No. ${props.number} rests`,
            changes: [{ kind: 'hold', build: props.number, until: until || null, because }],
        });
    }
</script>

<div class="grid grid-cols-2 gap-8 mt-8 items-start max-desk:grid-cols-1">
    <section aria-labelledby="means">
        <h2 id="means" class="border-t-2 border-t-ink pt-2">What the promise means</h2>
        <p data-means>{props.travels.words}</p>
        {#if props.travels.canChange}
            {#if !changing}
                <button class="act mt-2" type="button" onclick={() => (changing = true)}>Say it otherwise</button>
            {:else}
                <form class="grid grid-cols-2 gap-4 mt-2 items-start max-md:grid-cols-1" onsubmit={save} novalidate>
                    <Field
                        name="means"
                        label="It is promised"
                        bind:value={said.means}
                        error={act.errors.means}
                        options={props.travels.options}
                    />
                    {#if said.means !== 'shop'}
                        <Field name="carrier" label="Carried by" bind:value={said.carrier} error={act.errors.carrier} />
                        <Field
                            name="days"
                            label="Days on the way"
                            bind:value={said.days}
                            error={act.errors.days}
                            hint="as the carrier says"
                        />
                        <Field
                            name="cost"
                            label={`Carriage, ${props.currency}`}
                            bind:value={said.cost}
                            error={act.errors.cost}
                        />
                        <Field
                            name="insurance"
                            label={`Insurance, ${props.currency}`}
                            bind:value={said.insurance}
                            error={act.errors.insurance}
                        />
                    {:else}
                        <Field
                            name="collecting"
                            label="Minutes with whoever collects it"
                            bind:value={said.collecting}
                            error={act.errors.collecting}
                            hint="to play it, explain its care, settle up"
                        />
                    {/if}
                    <p class="col-span-full flex flex-wrap gap-3">
                        <button class="do" type="submit" disabled={act.busy}>Save</button>
                        <button class="word" type="button" onclick={() => (changing = false)}>Cancel</button>
                    </p>
                    <ErrorLine text={act.other('means', 'carrier', 'days', 'cost', 'insurance', 'collecting')} />
                </form>
            {/if}
            <p class="small quiet mt-1">
                Packing, insuring, handing it to the carrier or to whoever collects it are operations at the end of the
                route, at their prices; for the client’s hands its days on the way count. Protected timbers may need
                papers to cross a border: see the timber’s papers.
            </p>
        {/if}
    </section>
    {#if props.travels.canChange}
        <section aria-labelledby="rests">
            <h2 id="rests" class="border-t-2 border-t-ink pt-2">Put it to rest</h2>
            <form class="grid grid-cols-2 gap-4 mt-2 items-start max-md:grid-cols-1" onsubmit={tryIt} novalidate>
                <Field
                    name="until"
                    label="Until"
                    type="date"
                    bind:value={until}
                    error={resting.errors['changes.0.until']}
                />
                <Field name="because" label="Why" bind:value={because} error={resting.errors['changes.0.because']} />
                <div class="col-span-full">
                    <button class="act" type="submit" disabled={resting.busy}>See what that does</button>
                    <ErrorLine text={resting.other('changes.0.until', 'changes.0.because')} />
                </div>
            </form>
            <p class="small quiet mt-1">
                It is planned beside the real plan: when it would then be ready, what the others win by the time that
                becomes free, and which payments would come later.
                <span data-stands-still>{props.travels.standsStill}</span>
                More stands under
                <a class="target" use:inertia href={route('builds.money', props.number)}>its money</a>.
            </p>
        </section>
    {/if}
</div>
