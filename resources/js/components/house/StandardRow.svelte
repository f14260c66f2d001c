<script lang="ts">
    import { untrack } from 'svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import type { StandardLine } from './house';

    const { standard, skills }: { standard: StandardLine; skills: string[] } = $props();

    const act = new Act();
    const kept = (): { set_up: string; labour: string; hold: string; skill: string } => ({
        set_up: standard.set_up,
        labour: standard.labour,
        hold: standard.hold,
        skill: standard.skill,
    });
    let values = $state(untrack(kept));
    const changed = $derived(
        values.set_up !== standard.set_up ||
            values.labour !== standard.labour ||
            values.hold !== standard.hold ||
            values.skill !== standard.skill,
    );

    function save(event: SubmitEvent): void {
        event.preventDefault();
        act.send('put', `/house/standards/${standard.id}`, { version: standard.version, ...values }, () => (values = kept()));
    }
</script>

<li data-standard={standard.name}>
    <form onsubmit={save}>
        <span>{standard.name} <span class="quiet small">{[standard.station, standard.fixture].filter(Boolean).join(', ')}</span></span>
        <Field name="set_up" label="Set-up" bind:value={values.set_up} error={act.errors.set_up} />
        <Field name="labour" label="Labour" bind:value={values.labour} error={act.errors.labour} />
        <Field name="hold" label="Hold" bind:value={values.hold} error={act.errors.hold} />
        <Field
            name="skill"
            label="Skill"
            bind:value={values.skill}
            error={act.errors.skill}
            options={skills.map((skill) => ({ value: skill, words: skill }))}
        />
        <button class="act" type="submit" disabled={!changed || act.busy}>Save</button>
    </form>
</li>

<style>
    li {
        border-top: 1px solid var(--rule);
        padding: 0.3rem 0;
    }

    form {
        display: grid;
        grid-template-columns: minmax(0, 1fr) 8rem 8rem 8rem 9rem auto;
        gap: 0.8rem;
        align-items: end;
    }

    @media (width < 60rem) {
        form {
            grid-template-columns: 1fr 1fr;
        }
    }
</style>
