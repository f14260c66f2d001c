<script lang="ts">
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { day } from '@/lib/time';
    import { route } from '@/lib/address';
    import type { PersonLine, TabletLine } from '@/lib/props';
    import BenchCode from './BenchCode.svelte';

    interface Props {
        tablets: TabletLine[];
        withCode: number[];
        people: PersonLine[];
    }

    const { tablets, withCode, people }: Props = $props();

    const act = new Act();
    let name = $state('');

    function give(event: SubmitEvent): void {
        event.preventDefault();
        act.post(route('tablets'), { name });
    }
</script>

<section class="sheet mt-[1.3rem]">
    <h2>Shared tablet</h2>
    <p class="quiet small">
        A tablet at the bench that several people share: it shows names, and a code opens what belongs to the bench, no
        more. After two minutes it is back at the names.
    </p>
    {#each tablets as tablet (tablet.id)}
        <p>
            {tablet.name} <span class="quiet small">since {day(tablet.at)}</span>
            <button
                class="word"
                type="button"
                disabled={act.busy}
                onclick={() => act.send('delete', route('tablets.one', tablet.id))}>Take it back</button
            >
        </p>
    {/each}
    <form class="flex gap-3 items-end flex-wrap" onsubmit={give}>
        <div class="w-56">
            <Field
                name="name"
                label="Name of this device"
                hint="tablet at the neck bench"
                bind:value={name}
                error={act.errors.name}
            />
        </div>
        <button class="act mb-1" type="submit" disabled={act.busy || name.trim() === ''}
            >Share this device, and sign out here</button
        >
    </form>
    <ErrorLine text={act.other('name')} />
    <details class="mt-2">
        <summary class="text-accent underline py-2">Bench codes</summary>
        {#each people as person (person.id)}
            <BenchCode
                has={withCode.includes(person.id)}
                address={route('people.bench-code', person.id)}
                name={person.name}
            />
        {/each}
    </details>
</section>
