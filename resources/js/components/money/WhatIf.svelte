<!-- What the price is made of, and what it would be otherwise. It is worked out anew at every press and changes nothing. -->
<script lang="ts">
    import { router } from '@inertiajs/svelte';
    import { untrack } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import Rows from './Rows.svelte';
    import { route } from '@/lib/address';
    import type { Choosing, Row } from '@/lib/props';

    interface Props {
        number: number;
        currency: string;
        made: Row[];
        against: string;
        asked: Record<string, string>;
        choices: Choosing[];
        problem: string;
    }

    const props: Props = $props();

    let said = $state(
        untrack(() => ({ ...props.asked, ...Object.fromEntries(props.choices.map((one) => [one.key, one.value])) })),
    ) as Record<string, string>;

    function ask(event: SubmitEvent): void {
        event.preventDefault();
        router.get(route('builds.money', props.number), { ...said }, { preserveScroll: true, preserveState: true });
    }
</script>

<Rows rows={props.made} />
<ErrorLine text={props.problem} />
{#if props.against}<p class={['mt-2', props.against.includes('below') ? 'late' : 'quiet']} data-against>
        {props.against}
    </p>{/if}
<form class="grid grid-cols-2 gap-3 mt-3 items-start max-md:grid-cols-1" onsubmit={ask} novalidate>
    <Field
        name="by"
        label="Labour at the rate"
        bind:value={() => said.by ?? '', (value) => (said.by = value)}
        options={[
            { value: 'shop', words: 'that stands beside' },
            { value: 'people', words: 'of those who are planned for it' },
        ]}
    />
    <Field
        name="rate"
        label={`An hour, ${props.currency}`}
        bind:value={() => said.rate ?? '', (value) => (said.rate = value)}
    />
    <Field
        name="way"
        label="On top comes"
        bind:value={() => said.way ?? '', (value) => (said.way = value)}
        options={[
            { value: 'margin', words: 'a margin, of the price' },
            { value: 'mark-up', words: 'a mark-up, on the cost' },
        ]}
    />
    <Field name="share" label="of, %" bind:value={() => said.share ?? '', (value) => (said.share = value)} />
    <Field
        name="overhead"
        label="Overhead, %"
        bind:value={() => said.overhead ?? '', (value) => (said.overhead = value)}
    />
    <Field
        name="discount"
        label="Discount, %"
        bind:value={() => said.discount ?? '', (value) => (said.discount = value)}
    />
    <Field
        name="pieces"
        label="Made together"
        bind:value={() => said.pieces ?? '', (value) => (said.pieces = value)}
        hint="set-ups are shared by so many"
    />
    <details class="col-span-full">
        <summary class="word">Another timber, another tool</summary>
        <div class="grid grid-cols-2 gap-3 items-start max-md:grid-cols-1">
            {#each props.choices as one (one.key)}
                <Field
                    name={one.key}
                    label={one.label}
                    bind:value={() => said[one.key] ?? '', (value) => (said[one.key] = value)}
                    options={one.options}
                />
            {/each}
        </div>
    </details>
    <p class="col-span-full"><button class="act" type="submit">What would it cost then?</button></p>
</form>
