<!-- A change of any kind: what it is, and what it has to say. -->
<script lang="ts">
    import { untrack } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act, type ChangeBody } from '@/lib/act.svelte';
    import type { ChangeForm } from '@/lib/props';

    interface Props {
        /** Those that are offered; the server says what each asks for. */
        forms: ChangeForm[];
        words: string;
        label?: string;
        act: Act;
        onsend: (body: ChangeBody, done: () => void) => void;
    }

    const { forms, words, label = 'What if', act, onsend }: Props = $props();

    let chosen = $state(untrack(() => forms[0]?.kind ?? ''));
    const form = $derived(forms.find((one) => one.kind === chosen) ?? forms[0]);
    let values = $state(untrack(() => blank(forms[0])));
    const names = $derived(form?.fields.map((field) => field.name) ?? []);

    /** What a form holds before anything was chosen: the first of every list. */
    function blank(of: ChangeForm | undefined): Record<string, string> {
        return Object.fromEntries(
            (of?.fields ?? []).map((field) => [field.name, field.value || (field.options?.[0]?.value ?? '')]),
        );
    }

    function choose(): void {
        act.errors = {};
        values = blank(form);
    }

    function send(event: SubmitEvent): void {
        event.preventDefault();
        if (form) {
            onsend({ kind: form.kind, ...$state.snapshot(values) }, choose);
        }
    }
</script>

<form
    class="grid grid-cols-[repeat(auto-fill,minmax(11rem,1fr))] gap-y-[0.6rem] gap-x-4 items-start py-2 px-0 max-md:grid-cols-1"
    onsubmit={send}
    novalidate
>
    {#if forms.length > 1}
        <Field
            name="kind"
            {label}
            bind:value={chosen}
            oninput={choose}
            options={forms.map((one) => ({ value: one.kind, words: one.words }))}
        />
    {/if}
    {#each form?.fields ?? [] as field (`${chosen} ${field.name}`)}
        <Field
            name={field.name}
            label={field.label}
            type={field.type}
            options={field.options ?? undefined}
            hint={field.hint || undefined}
            bind:value={() => values[field.name] ?? '', (value) => (values = { ...values, [field.name]: value })}
            error={act.ofChange(field.name)}
        />
    {/each}
    <button class="do mt-5 justify-self-start max-md:mt-0" type="submit" disabled={act.busy}>{words}</button>
    <ErrorLine text={act.other(...names.map((name) => `changes.0.${name}`), ...names)} />
</form>
