<!-- What is known of a client. -->
<script lang="ts">
    import { untrack } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';

    interface Props {
        client?: { id: number; version: number; said: Record<string, string> };
        done?: () => void;
    }

    const { client, done = () => {} }: Props = $props();

    const FIELDS = [
        'name',
        'email',
        'phone',
        'contact',
        'address',
        'hand',
        'scale',
        'neck',
        'action',
        'weight',
        'instruments',
        'locale',
        'country',
        'tax_id',
    ] as const;

    const act = new Act();
    let said = $state(
        untrack(
            () =>
                Object.fromEntries(FIELDS.map((field) => [field, client?.said[field] ?? ''])) as Record<
                    (typeof FIELDS)[number],
                    string
                >,
        ),
    );

    function send(event: SubmitEvent): void {
        event.preventDefault();
        if (client) act.send('put', route('clients.one', client.id), { ...said, version: client.version }, done);
        else act.post(route('clients'), said, done);
    }
</script>

<form data-watched class="grid grid-cols-4 gap-3 items-start mt-2 max-desk:grid-cols-2" onsubmit={send} novalidate>
    <Field name="name" label="Name" bind:value={said.name} error={act.errors.name} />
    <Field name="email" label="Mail" type="email" bind:value={said.email} error={act.errors.email} />
    <Field name="phone" label="Telephone" bind:value={said.phone} error={act.errors.phone} />
    <Field name="contact" label="How else to reach them" bind:value={said.contact} error={act.errors.contact} />
    <div class="col-span-2">
        <Field
            name="address"
            label="Address"
            type="textarea"
            rows={4}
            bind:value={said.address}
            error={act.errors.address}
        />
    </div>
    <Field
        name="country"
        label="Country"
        bind:value={said.country}
        error={act.errors.country}
        hint="left empty: as the shop’s"
    />
    <Field
        name="tax_id"
        label="Identifier for the tax"
        bind:value={said.tax_id}
        error={act.errors.tax_id}
        hint="for a business"
    />
    <div class="col-span-2">
        <Field
            name="instruments"
            label="Instruments that they have"
            type="textarea"
            rows={4}
            bind:value={said.instruments}
            error={act.errors.instruments}
        />
    </div>
    <Field
        name="hand"
        label="Plays"
        bind:value={said.hand}
        error={act.errors.hand}
        options={[
            { value: '', words: 'not known' },
            { value: 'right', words: 'right-handed' },
            { value: 'left', words: 'left-handed' },
        ]}
    />
    <Field
        name="scale"
        label="Likes a scale of"
        bind:value={said.scale}
        error={act.errors.scale}
        hint="as they said it"
    />
    <Field name="neck" label="Likes a neck that is" bind:value={said.neck} error={act.errors.neck} />
    <Field name="action" label="Likes an action of" bind:value={said.action} error={act.errors.action} />
    <Field
        name="locale"
        label="Dates and money for them"
        bind:value={said.locale}
        error={act.errors.locale}
        options={[
            { value: '', words: 'as the shop writes them' },
            { value: 'en-US', words: 'English, United States' },
            { value: 'de-DE', words: 'German' },
            { value: 'fr-FR', words: 'French' },
            { value: 'es-ES', words: 'Spanish' },
            { value: 'it-IT', words: 'Italian' },
            { value: 'nl-NL', words: 'Dutch' },
            { value: 'da-DK', words: 'Danish' },
            { value: 'sv-SE', words: 'Swedish' },
            { value: 'nb-NO', words: 'Norwegian' },
            { value: 'pl-PL', words: 'Polish' },
            { value: 'pt-PT', words: 'Portuguese' },
            { value: 'cs-CZ', words: 'Czech' },
            { value: 'fi-FI', words: 'Finnish' },
            { value: 'ja-JP', words: 'Japanese' },
        ]}
    />
    <Field name="weight" label="Likes a weight of" bind:value={said.weight} error={act.errors.weight} />
    <div class="col-span-full">
        <button class="do" type="submit" disabled={act.busy}>Save</button>
        <ErrorLine text={act.other(...FIELDS)} />
    </div>
</form>
