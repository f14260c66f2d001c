<script lang="ts">
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import type { ResourceLine } from '@/lib/props';
    import { route } from '@/lib/address';

    const { resource }: { resource: ResourceLine } = $props();

    const act = new Act();
    let capacity = $derived(String(resource.capacity));

    function save(event: SubmitEvent): void {
        event.preventDefault();
        act.send('put', route('house.resources.one', resource.id), { version: resource.version, capacity });
    }
</script>

<li>
    <form class="flex gap-[0.6rem] items-end" onsubmit={save}>
        <Field
            name="capacity"
            label={`${resource.name}, ${resource.kind}`}
            bind:value={capacity}
            error={act.errors.capacity}
        />
        <button class="act" type="submit" disabled={capacity === String(resource.capacity) || act.busy}>Save</button>
    </form>
</li>

<style>
    form :global(.line) {
        flex: 1;
    }
</style>
