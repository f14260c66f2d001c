<!-- What somebody would like, in their own words. -->
<script lang="ts">
    import { untrack } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';

    interface Props {
        /** Whose it is, for a new one. */
        client?: number;
        enquiry?: { id: number; version: number; wishes: string; budget: string; wantedBy: string };
        done?: () => void;
    }

    const { client = 0, enquiry, done = () => {} }: Props = $props();

    const act = new Act();
    let said = $state(
        untrack(() => ({
            wishes: enquiry?.wishes ?? '',
            budget: enquiry?.budget ?? '',
            wanted_by: enquiry?.wantedBy ?? '',
        })),
    );

    function send(event: SubmitEvent): void {
        event.preventDefault();
        if (enquiry) act.send('put', route('enquiries.one', enquiry.id), { ...said, version: enquiry.version }, done);
        else act.post(route('clients.enquiries', client), said, done);
    }
</script>

<form data-watched class="grid grid-cols-2 gap-3 items-start mt-2 max-md:grid-cols-1" onsubmit={send} novalidate>
    <div class="col-span-full">
        <Field
            name="wishes"
            label="What they would like, in their own words"
            type="textarea"
            rows={5}
            bind:value={said.wishes}
            error={act.errors.wishes}
        />
    </div>
    <Field name="budget" label="Budget, empty if none was said" bind:value={said.budget} error={act.errors.budget} />
    <Field
        name="wanted_by"
        label="Wanted by, empty if it may take its time"
        type="date"
        bind:value={said.wanted_by}
        error={act.errors.wanted_by}
    />
    <div class="col-span-full">
        <button class="do" type="submit" disabled={act.busy}>Save</button>
        <ErrorLine text={act.other('wishes', 'budget', 'wanted_by')} />
    </div>
</form>
