<script lang="ts">
    import { untrack } from 'svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import type { FinishLine } from '@/lib/props';
    import ShorterHold from './ShorterHold.svelte';
    import { route } from '@/lib/address';

    const { finish }: { finish: FinishLine } = $props();

    const act = new Act();
    const FIELDS = [
        ['body_coats', 'Coats on the body'],
        ['neck_coats', 'Coats on the neck'],
        ['coats_a_day', 'At most a day'],
        ['after_first', 'After the first'],
        ['between_coats', 'Between coats'],
        ['overnight', 'Over night'],
        ['cure', 'To full cure'],
        ['window', 'Recoat within'],
    ] as const;
    const kept = (): Record<string, string> => ({
        ...Object.fromEntries(FIELDS.map(([field]) => [field, String(finish[field])])),
        because: '',
    });
    let values = $state(untrack(kept));
    const changed = $derived(FIELDS.some(([field]) => values[field] !== String(finish[field])));

    function save(event: SubmitEvent): void {
        event.preventDefault();
        act.send(
            'put',
            route('house.finishes.one', finish.id),
            { version: finish.version, ...values },
            () => (values = kept()),
        );
    }
</script>

<form
    class="grid grid-cols-[9rem_repeat(8,minmax(0,1fr))_auto] gap-[0.8rem] items-start border-t border-t-rule py-[0.4rem] px-0 max-desk:grid-cols-[1fr_1fr]"
    onsubmit={save}
>
    <b class="mt-6"
        >{finish.name}
        <span class="quiet small font-normal">{finish.source === 'default' ? 'the trade’s' : 'the house’s own'}</span
        ></b
    >
    {#each FIELDS as [field, label] (field)}
        <Field
            name={field}
            {label}
            bind:value={() => values[field] ?? '', (value) => (values[field] = value)}
            error={act.errors[field]}
        />
    {/each}
    <button class="act mt-6" type="submit" disabled={!changed || act.busy}>Save</button>
    <ShorterHold bind:because={values.because} error={act.errors.because} />
</form>
