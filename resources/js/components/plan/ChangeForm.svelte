<!-- A change of any kind: what it is, and what it has to say. -->
<script lang="ts">
    import { untrack } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act, type ChangeBody } from '@/lib/act.svelte';
    import type { Choices } from '@/lib/props';
    import { blank, body, KINDS } from './changes';

    interface Props {
        choices: Choices;
        kinds?: string[];
        words: string;
        label?: string;
        act: Act;
        onsend: (body: ChangeBody, done: () => void) => void;
    }

    const { choices, kinds, words, label = 'What if', act, onsend }: Props = $props();

    const offered = $derived(KINDS.filter((kind) => kinds === undefined || kinds.includes(kind.kind)));
    let chosen = $state(untrack(() => offered[0]?.kind ?? ''));
    const kind = $derived(offered.find((one) => one.kind === chosen) ?? offered[0]);
    let values = $state<Record<string, string>>(untrack(() => (offered[0] ? blank(offered[0], choices) : {})));

    function choose(): void {
        act.errors = {};
        values = kind ? blank(kind, choices) : {};
    }

    function send(event: SubmitEvent): void {
        event.preventDefault();
        if (kind) {
            onsend(body(kind, $state.snapshot(values)), choose);
        }
    }

    const fields = $derived(kind?.fields.map((field) => `changes.0.${field.name}`) ?? []);
</script>

<form onsubmit={send} novalidate>
    {#if offered.length > 1}
        <Field
            name="kind"
            {label}
            bind:value={chosen}
            oninput={choose}
            options={offered.map((one) => ({ value: one.kind, words: one.words }))}
        />
    {/if}
    {#each kind?.fields ?? [] as field (`${chosen} ${field.name}`)}
        <Field
            name={field.name}
            label={field.label}
            type={field.type}
            options={field.options?.(choices)}
            hint={field.hint}
            bind:value={() => values[field.name] ?? '', (value) => (values = { ...values, [field.name]: value })}
            error={act.ofChange(field.name)}
        />
    {/each}
    <button class="do" type="submit" disabled={act.busy}>{words}</button>
    <ErrorLine text={act.other(...fields, ...(kind?.fields.map((field) => field.name) ?? []))} />
</form>

<style>
    form {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(11rem, 1fr));
        gap: 0.6rem 1rem;
        align-items: start;
        padding: 0.5rem 0;
    }

    .do {
        margin-top: 1.25rem;
        justify-self: start;
    }

    @media (width < 48rem) {
        form {
            grid-template-columns: minmax(0, 1fr);
        }

        .do {
            margin-top: 0;
        }
    }
</style>
