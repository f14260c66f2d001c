<script lang="ts">
    import { useForm } from '@inertiajs/svelte';
    import { untrack } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import Editor from '@/components/specification/Editor.svelte';
    import type { HouseModelProps } from '@/lib/props';
    import { Writing } from '@/lib/writing.svelte';
    import { route } from '@/lib/address';

    const { model, name, client, fields, worked }: HouseModelProps = $props();

    const writing = untrack(() => new Writing({ ...client }, worked, route('house.models.work-out')));
    const form = useForm(
        untrack(() => ({ name, is_default: model?.isDefault ?? false, version: model?.version ?? 0 })),
    );
    const wrong = $derived(
        Object.entries(form.errors as Record<string, string>).find(([field]) => !['name'].includes(field))?.[1],
    );

    $effect(() => {
        const kept = { ...client };
        const now = worked;
        const version = model?.version ?? 0;
        untrack(() => {
            writing.merge(kept, now);
            form.version = version;
        });
    });

    function save(event: SubmitEvent): void {
        event.preventDefault();
        const typed = $state.snapshot(writing.typed);
        form.transform((data) => ({ ...data, specification: typed }) as never);
        const options = { preserveScroll: true, preserveState: true };
        if (model === null) {
            form.post(route('house.models'), options);
        } else {
            form.put(route('house.models.one', model.id), options);
        }
    }
</script>

<svelte:head><title>House model · Regimen</title></svelte:head>

<form
    class="grid grid-cols-[minmax(0,1fr)_16rem_auto_auto] gap-y-2 gap-x-6 items-end max-desk:grid-cols-1"
    onsubmit={save}
    novalidate
>
    <div>
        <h1><a class="plain" href={route('house.models')}>House model</a></h1>
        <p class="quiet">● this model ○ the trade’s default = computed</p>
    </div>
    <Field name="name" label="Name" bind:value={form.name} error={form.errors.name} />
    <label class="inline-flex gap-2 items-center min-h-9"
        ><input type="checkbox" bind:checked={form.is_default} /> taken when nothing else is said</label
    >
    <button class="do" type="submit" disabled={form.processing}>Keep the model</button>
</form>
<ErrorLine text={wrong} />

<Editor {writing} {fields} editable />
