<script lang="ts">
    import { untrack } from 'svelte';
    import { inertia, useForm } from '@inertiajs/svelte';
    import Field from '@/components/Field.svelte';
    import MoneyPages from '@/components/money/MoneyPages.svelte';
    import Rows from '@/components/money/Rows.svelte';
    import { route } from '@/lib/address';
    import type { RateProps } from '@/lib/props';

    const props: RateProps = $props();
    const form = useForm(untrack(() => ({ version: props.version, wages: props.wages, overhead: props.overhead })));

    function save(event: SubmitEvent): void {
        event.preventDefault();
        form.version = props.version;
        form.put(route('money.rate'), { preserveScroll: true });
    }
</script>

<svelte:head><title>What an hour must bring · Regimen</title></svelte:head>

<MoneyPages />
<h1>{props.headline}</h1>
{#if props.under}<p class={props.under.includes('too little') ? 'late' : 'quiet'}>{props.under}</p>{/if}

<div class="grid grid-cols-2 gap-8 mt-4 items-start max-desk:grid-cols-1">
    <section aria-labelledby="costs">
        <h2 id="costs" class="border-t-2 border-t-ink pt-2">What a year costs</h2>
        <form class="grid gap-3 mt-2" onsubmit={save} novalidate>
            <Field
                name="wages"
                label={`Wages of a year, ${props.currency}`}
                bind:value={form.wages}
                error={form.errors.wages}
                hint="with what the law adds to them; the owner’s living belongs to it"
            />
            <Field
                name="overhead"
                label={`Overhead of a year, ${props.currency}`}
                bind:value={form.overhead}
                error={form.errors.overhead}
                hint="rent, power, insurance, tools, consumables that no instrument is charged for"
            />
            <p><button class="do" type="submit" disabled={form.processing}>Save</button></p>
        </form>
    </section>
    <section aria-labelledby="made">
        <h2 id="made" class="border-t-2 border-t-ink pt-2">How it is made</h2>
        <Rows rows={props.rows} />
    </section>
</div>
{#if props.shares.length > 0}
    <section class="mt-6 max-w-[36rem]" aria-labelledby="shares">
        <h2 id="shares" class="border-t-2 border-t-ink pt-2">What the hours do that are not sold</h2>
        <table>
            <tbody>
                {#each props.shares as one (one.name)}
                    <tr
                        ><td>{one.name}</td><td class="figure text-right quiet">{one.quoted}</td><td
                            class="figure text-right">{one.actual}</td
                        ></tr
                    >
                {/each}
            </tbody>
        </table>
        <p class="small quiet mt-1">
            Where the rest goes stands under <a use:inertia href={route('hours')}>the year’s hours</a>. The rate that
            the house reckons with is set under <a use:inertia href={route('house')}>House</a>.
        </p>
    </section>
{/if}
