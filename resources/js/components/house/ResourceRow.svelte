<script lang="ts">
    import { untrack } from 'svelte';
    import Field from '@/components/Field.svelte';
    import WeekFields from './WeekFields.svelte';
    import { Act } from '@/lib/act.svelte';
    import type { ResourceLine } from '@/lib/props';
    import { route } from '@/lib/address';

    const { resource }: { resource: ResourceLine } = $props();

    const act = new Act();
    let form = $state(
        untrack(() => ({
            capacity: String(resource.capacity),
            own_hours: resource.ownHours,
            hours: { ...resource.hours },
            every_second_from: resource.everySecondFrom ?? '',
        })),
    );

    function save(event: SubmitEvent): void {
        event.preventDefault();
        act.send('put', route('house.resources.one', resource.id), { version: resource.version, ...form });
    }
</script>

<li>
    <form onsubmit={save} novalidate>
        <div class="flex gap-[0.6rem] items-end">
            <Field
                name="capacity"
                label={`${resource.name}, ${resource.kind}`}
                bind:value={form.capacity}
                error={act.errors.capacity}
            />
            <button class="act" type="submit" disabled={act.busy}>Save</button>
        </div>
        <details class="opens" open={resource.ownHours}>
            <summary class="small py-[0.2rem]"><b class="font-normal">Hours of its own</b></summary>
            <label class="small"
                ><input type="checkbox" bind:checked={form.own_hours} /> can be worked at only in these hours; a hold goes
                on outside of them</label
            >
            {#if form.own_hours}
                <WeekFields bind:week={form.hours} errors={act.errors} />
                <Field
                    name="every_second_from"
                    label="Only every second week, from the week of"
                    type="date"
                    bind:value={form.every_second_from}
                    error={act.errors.every_second_from}
                    hint="leave empty for every week"
                />
            {/if}
        </details>
    </form>
</li>

<style>
    form :global(.week) {
        grid-template-columns: 1fr 1fr;
        gap: 0.3rem 0.7rem;
    }

    form :global(.line) {
        flex: 1;
    }
</style>
