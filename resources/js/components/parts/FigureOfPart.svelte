<!-- A figure of a part: as measured, and as its data sheet says. -->
<script lang="ts">
    import { untrack } from 'svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';
    import type { FigureOfPart } from '@/lib/props';

    const { part, figure }: { part: number; figure: FigureOfPart } = $props();

    const act = new Act();
    let kind = $state('');
    let measured = $state(untrack(() => figure.measured));
    let sheet = $state(untrack(() => figure.sheet));

    function keep(which: 'measured' | 'sheet', value: string): void {
        kind = which;
        act.post(route('stores.parts.figures', part), { field: figure.field, kind: which, value });
    }
</script>

<li
    class="border-t border-t-rule py-[0.3rem] grid grid-cols-[minmax(0,1fr)_9rem_9rem] gap-3 items-end max-desk:grid-cols-2"
    data-figure={figure.field}
>
    <span class="self-center max-desk:col-span-2"
        >{figure.label}
        {#if !figure.measured && figure.sheet}<span class="tight small">from the data sheet only: measure it</span
            >{/if}</span
    >
    <form
        onsubmit={(event) => {
            event.preventDefault();
            keep('measured', measured);
        }}
        onfocusout={() => measured !== figure.measured && keep('measured', measured)}
    >
        <Field
            name={`${figure.field}-measured`}
            label="Measured"
            bind:value={measured}
            error={kind === 'measured' ? act.errors.value : undefined}
        />
    </form>
    <form
        onsubmit={(event) => {
            event.preventDefault();
            keep('sheet', sheet);
        }}
        onfocusout={() => sheet !== figure.sheet && keep('sheet', sheet)}
    >
        <Field
            name={`${figure.field}-sheet`}
            label="Data sheet"
            bind:value={sheet}
            error={kind === 'sheet' ? act.errors.value : undefined}
        />
    </form>
</li>
