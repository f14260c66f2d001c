<!-- One way of doing an operation: its hours, what it takes, where the figures come from. -->
<script lang="ts">
    import { untrack } from 'svelte';
    import PastJobs from '@/components/forecast/PastJobs.svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { day } from '@/lib/time';
    import type { StandardLine } from '@/lib/props';
    import ShorterHold from './ShorterHold.svelte';
    import { route } from '@/lib/address';

    interface Props {
        standard: StandardLine;
        name: string;
        skills: string[];
        usual: boolean;
        several: boolean;
        onchoose: () => void;
    }

    const { standard, name, skills, usual, several, onchoose }: Props = $props();

    const act = new Act();
    const FIELDS = [
        ['set_up', 'Set-up'],
        ['best', 'At best'],
        ['labour', 'Labour'],
        ['worst', 'At worst'],
        ['hold', 'Hold'],
    ] as const;
    const MORE = [
        ['hands', 'Two people for the last'],
        ['alone', 'Machine then runs by itself'],
    ] as const;
    const more = $derived(MORE.filter(([field]) => field === 'hands' || standard.isMachine));
    const kept = (): Record<string, string> => ({
        ...Object.fromEntries([...FIELDS, ...MORE].map(([field]) => [field, standard[field]])),
        skill: standard.skill,
        fixtures: String(standard.fixtures),
        because: '',
    });
    let values = $state(untrack(kept));
    const changed = $derived(Object.entries(kept()).some(([field, value]) => values[field] !== value));
    const source: Record<string, string> = { default: 'the trade’s', house: 'the house’s own', learned: 'learned' };

    function save(event: SubmitEvent): void {
        event.preventDefault();
        act.send(
            'put',
            route('house.standards.one', standard.id),
            { version: standard.version, ...values },
            () => (values = kept()),
        );
    }
</script>

{#snippet entries(fields: readonly (readonly [string, string])[])}
    {#each fields as [field, label] (field)}
        <Field
            name={field}
            {label}
            bind:value={() => values[field] ?? '', (value) => (values[field] = value)}
            error={act.errors[field]}
        />
    {/each}
{/snippet}

<li class="border-t border-t-rule py-[0.3rem]" data-standard={`${name}, ${standard.way}`} data-name={name}>
    <form
        class="grid grid-cols-[minmax(0,1fr)_repeat(5,6.6rem)_7rem_4.6rem_auto] gap-[0.7rem] items-end max-desk:grid-cols-[1fr_1fr]"
        onsubmit={save}
    >
        <span>
            {#if several}<b class={usual ? '' : 'plainly'}>{standard.way}</b>{#if usual}<span class="small quiet way"
                        >the house’s way</span
                    >{/if}{:else}<b>{name}</b>{/if}
            <span class="quiet small block"
                >{[standard.station, standard.fixture, standard.drivenBy].filter(Boolean).join(', ')}</span
            >
            <span class="quiet small block">{source[standard.source]}{standard.risk ? `. ${standard.risk}` : ''}</span>
        </span>
        {@render entries(FIELDS)}
        <Field
            name="skill"
            label="Skill"
            bind:value={() => values.skill ?? '', (value) => (values.skill = value)}
            error={act.errors.skill}
            options={skills.map((skill) => ({ value: skill, words: skill }))}
        />
        {#if standard.fixture}<Field
                name="fixtures"
                label="How many"
                bind:value={() => values.fixtures ?? '', (value) => (values.fixtures = value)}
                error={act.errors.fixtures}
            />{:else}<span></span>{/if}
        <button class="act" type="submit" disabled={!changed || act.busy}>Save</button>
        <details class="col-span-full small" open={untrack(() => MORE.some(([field]) => standard[field] !== '0 min'))}>
            <summary class="word small">two people{standard.isMachine ? ', machine by itself' : ''}</summary>
            <div class="flex flex-wrap gap-4">
                {@render entries(more)}
            </div>
        </details>
        <ShorterHold bind:because={values.because} error={act.errors.because} />
    </form>
    <div class="flex flex-wrap gap-y-[0.2rem] gap-x-[1.4rem] items-baseline">
        {#if several && !usual}<button class="word small" type="button" onclick={onchoose}
                >Make this the house’s way</button
            >{/if}
        {#if standard.learned}
            <span class="small">
                {#if standard.trade}<span class="quiet">The trade says {standard.trade}.</span>{/if}
                Your own {standard.learned.jobs} jobs say <b class="figure">{standard.learned.labour}</b>, eight in ten {standard
                    .learned.best} to {standard.learned.worst}.
                <PastJobs ratios={standard.learned.ratios} />
                <button
                    class="word small"
                    type="button"
                    disabled={act.busy}
                    onclick={() => act.post(route('house.standards.learn', standard.id), { version: standard.version })}
                    >Use these hours</button
                >
                {#if standard.learned.keptOut.length > 0}
                    <details class="small">
                        <summary class="word small"
                            >{standard.learned.keptOut.length === 1
                                ? 'one job is kept out'
                                : `${standard.learned.keptOut.length} jobs are kept out`}</summary
                        >
                        {#each standard.learned.keptOut as words, index (index)}<p>{words}.</p>{/each}
                    </details>
                {/if}
            </span>
        {:else if standard.trade}
            <span class="small quiet"
                >The trade says {standard.trade}; fewer than three jobs of your own are recorded.</span
            >
        {/if}
        {#if standard.history.length > 0}
            <details class="small">
                <summary class="word small"
                    >{standard.history.length === 1
                        ? 'changed once'
                        : `changed ${standard.history.length} times`}</summary
                >
                {#each standard.history as one (one.version)}<p>
                        {day(one.at)}{one.by ? ` by ${one.by}` : ''}, {one.source}: {one.words}.
                    </p>{/each}
            </details>
        {/if}
        <ErrorLine
            text={act.other(
                'set_up',
                'best',
                'labour',
                'worst',
                'hold',
                'skill',
                'fixtures',
                'because',
                'hands',
                'alone',
            )}
        />
    </div>
</li>

<style>
    .way {
        margin-left: 0.5rem;
    }

    .plainly {
        font-weight: 450;
    }
    @media (width < 60rem) {
        form > span:first-child {
            grid-column: 1 / -1;
        }
    }
</style>
