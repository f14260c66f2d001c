<!-- What weighs how much when plans are compared, and how long what was told stays. -->
<script lang="ts">
    import { untrack } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';

    const { weights, version }: { weights: Record<string, number>; version: number } = $props();

    const FIELDS = [
        { name: 'late', label: 'A minute late' },
        { name: 'immovable', label: '× an immovable date' },
        { name: 'promised', label: '× a promise' },
        { name: 'wished', label: '× a wish' },
        { name: 'inTheShop', label: 'A minute in the shop' },
        { name: 'setUps', label: 'A minute of set-up' },
        { name: 'moved', label: 'A minute moved near today' },
        { name: 'frozenMinutes', label: 'Frozen, minutes from now' },
    ];

    const act = new Act();
    let values = $state<Record<string, string>>(
        untrack(() => Object.fromEntries(Object.entries(weights).map(([name, value]) => [name, String(value)]))),
    );

    function save(event: SubmitEvent): void {
        event.preventDefault();
        act.send('put', route('plan.weights'), { version, ...$state.snapshot(values) });
    }
</script>

<details class="opens screen-only">
    <summary
        ><b>What counts</b>
        <span class="small quiet">the weights by which one plan is better than another</span></summary
    >
    <form
        class="grid grid-cols-[repeat(auto-fill,minmax(11rem,1fr))] gap-y-2 gap-x-4 items-end py-[0.4rem] px-0"
        onsubmit={save}
        novalidate
    >
        {#each FIELDS as field (field.name)}
            <Field
                name={field.name}
                label={field.label}
                bind:value={() => values[field.name] ?? '', (value) => (values = { ...values, [field.name]: value })}
                error={act.errors[field.name]}
            />
        {/each}
        <button class="do justify-self-start" type="submit" disabled={act.busy}>Plan by these</button>
        <ErrorLine text={act.other(...FIELDS.map((field) => field.name))} />
    </form>
    <p class="small quiet">
        Lateness goes before everything; a minute late of an immovable date weighs its multiple. Then the time builds
        spend in the shop, then set-ups and sanding, then what moves within three days. What is frozen keeps its person
        and its time. House conventions: there is no right figure.
    </p>
</details>
