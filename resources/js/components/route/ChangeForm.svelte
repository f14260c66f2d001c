<!-- A change to the route: judged while it is written, made with a reason where it spoils something. -->
<script lang="ts">
    import Field from '@/components/Field.svelte';
    import Judged from './Judged.svelte';
    import { changeOf, isComplete, KINDS, PIECES } from './changing';
    import { Asker } from '@/lib/ask';
    import type { Act } from '@/lib/act.svelte';
    import type { RouteChoices, RouteOperation, TriedRoute } from '@/lib/props';
    import { route } from '@/lib/address';

    interface Props {
        build: number;
        version: number;
        operations: RouteOperation[];
        chosen: string | null;
        choices: RouteChoices;
        act: Act;
    }

    const { build, version, operations, chosen, choices, act }: Props = $props();

    let kind = $state('move');
    let key = $state('');
    let other = $state('');
    let values = $state({
        first: '',
        set_up: '',
        labour: '',
        hold: '',
        name: '',
        stage: 'fretboard',
        skill: 'frets',
        station: '',
        fixture: '',
        link_reason: '',
    });
    let pieces = $state<string[]>([]);
    let reason = $state('');
    let answer = $state<TriedRoute | null>(null);
    let asked = $state('');

    const open = $derived(operations.filter((operation) => !operation.useless));
    const named = $derived([
        { value: '', words: 'choose …' },
        ...open.map((operation) => ({ value: operation.key, words: operation.name })),
    ]);
    const linked = $derived([
        { value: '', words: 'choose …' },
        ...(open
            .find((operation) => operation.key === key)
            ?.after.map((link) => ({ value: link.key, words: link.name })) ?? []),
    ]);
    const owned = (what: string): { value: string; words: string }[] => [
        { value: '', words: 'none' },
        ...choices.resources.filter((one) => one.kind === what).map(({ value, words }) => ({ value, words })),
    ];
    const written = $derived({ kind, key, other, values, pieces });
    const change = $derived(changeOf(written));
    const complete = $derived(isComplete(written));

    const asker = $derived(
        new Asker<Record<string, unknown>, TriedRoute>(
            route('builds.route.try', build),
            (said) => (answer = said),
            (words) => (answer = { problem: words, words: '', broken: [], needsReason: false, follows: [] }),
        ),
    );

    $effect(() => {
        if (chosen !== null) {
            key = chosen;
        }
    });
    $effect(() => {
        const now = JSON.stringify(change);
        if (!complete) {
            answer = null;
            asked = '';
        } else if (now !== asked) {
            asked = now;
            asker.ask(JSON.parse(now) as Record<string, unknown>);
        }
    });

    function clear(): void {
        other = '';
        reason = '';
        answer = null;
        values = { ...values, first: '', set_up: '', labour: '', hold: '', name: '', link_reason: '' };
    }

    function save(event: SubmitEvent): void {
        event.preventDefault();
        act.send('post', route('builds.route.changes', build), { ...change, version, reason }, clear);
    }
</script>

<form
    class="grid grid-cols-4 gap-y-[0.6rem] gap-x-4 items-start max-desk:grid-cols-1"
    onsubmit={save}
    id="change"
    novalidate
>
    <Field name="kind" label="What is to be different" bind:value={kind} options={KINDS} error={act.errors.kind} />
    {#if kind === 'add'}
        <Field name="name" label="Name" bind:value={values.name} error={act.errors.name} />
        <Field name="stage" label="Stage" bind:value={values.stage} options={choices.stages} error={act.errors.stage} />
        <fieldset class="pieces">
            <legend class="small quiet">Works on</legend>
            {#each PIECES as piece (piece)}
                <label><input type="checkbox" value={piece} bind:group={pieces} /> {piece}</label>
            {/each}
        </fieldset>
        <Field name="key" label="After" bind:value={key} options={named} />
        <Field name="other" label="Before" bind:value={other} options={named} />
        <Field name="skill" label="Skill" bind:value={values.skill} options={choices.skills} error={act.errors.skill} />
        <Field
            name="station"
            label="Station"
            bind:value={values.station}
            options={owned('station')}
            error={act.errors.station}
        />
        <Field
            name="fixture"
            label="Held by"
            bind:value={values.fixture}
            options={owned('fixture')}
            error={act.errors.fixture}
        />
    {:else}
        <Field name="key" label="Operation" bind:value={key} options={named} error={act.errors.key} />
    {/if}
    {#if kind === 'move'}<Field
            name="other"
            label="Before"
            bind:value={other}
            options={named}
            error={act.errors.target}
        />{/if}
    {#if kind === 'link'}
        <Field name="other" label="After" bind:value={other} options={named} error={act.errors.before} />
        <Field name="link_reason" label="Why" bind:value={values.link_reason} error={act.errors.link_reason} />
    {/if}
    {#if kind === 'unlink'}<Field
            name="other"
            label="Not after"
            bind:value={other}
            options={linked}
            error={act.errors.before}
        />{/if}
    {#if kind === 'split'}<Field
            name="first"
            label="First part, hours"
            bind:value={values.first}
            error={act.errors.first}
            hint="for example 1:30"
        />{/if}
    {#if kind === 'times' || kind === 'add'}
        <Field
            name="set_up"
            label="Set-up"
            bind:value={values.set_up}
            error={act.errors.set_up}
            hint={kind === 'times' ? 'empty: as derived' : ''}
        />
        <Field
            name="labour"
            label="Labour"
            bind:value={values.labour}
            error={act.errors.labour}
            hint="for example 1:30"
        />
        <Field name="hold" label="Hold" bind:value={values.hold} error={act.errors.hold} hint="for example 24 h" />
    {/if}
    <Judged {answer} {act} bind:reason />
</form>

<style>
    .pieces {
        display: flex;
        flex-wrap: wrap;
        gap: 0.2rem 0.9rem;
    }

    .pieces label {
        display: inline-flex;
        gap: 0.35rem;
        align-items: center;
        min-height: var(--target);
    }
</style>
