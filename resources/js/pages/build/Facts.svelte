<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import Instrument from '@/components/Instrument.svelte';
    import { route } from '@/lib/address';
    import type { FactsProps } from '@/lib/props';

    const { build, title, inOneLine, missing, drawing, groups, care, photographs }: FactsProps = $props();
</script>

<svelte:head><title>Facts of {build} {title} · Regimen</title></svelte:head>

<p class="small quiet"><a class="plain" use:inertia href={route('builds.show', build)}><b>{build}</b> · {title}</a></p>
<h1>{title}, No. {build}</h1>
<p class="quiet">{inOneLine[0]?.toUpperCase()}{inOneLine.slice(1)}. {missing}</p>
<p class="screen-only flex gap-4 flex-wrap mt-1">
    <a href={route('builds.facts.sheet', [build, 'a4'])}>With its care sheet, as PDF on A4</a>
    <a href={route('builds.facts.sheet', [build, 'letter'])}>on Letter</a>
</p>
<div class="h-[9rem] max-w-3xl my-4">
    <Instrument {drawing} words={`No. ${build} from the front`} strings />
</div>

<div class="facts">
    {#each groups as group (group.name)}
        <section>
            <h2>{group.name}</h2>
            <dl>
                {#each group.facts as fact, index (index)}
                    <div>
                        <dt>{fact.what}</dt>
                        <dd>{fact.value}</dd>
                        <dd class={['small', fact.known === 'measured' ? 'known' : 'quiet']}>{fact.known}</dd>
                    </div>
                {/each}
            </dl>
        </section>
    {/each}
</div>

{#if photographs.length > 0}
    <p class="flex gap-3 flex-wrap mt-6">
        {#each photographs as one (one)}
            <a href={route('photographs.one', one)}
                ><img
                    class="h-44"
                    src={route('photographs.small', one)}
                    alt={`${title}, photograph ${one}`}
                    loading="lazy"
                /></a
            >
        {/each}
    </p>
{/if}

<section class="mt-8 max-w-4xl">
    <h2>How to look after it</h2>
    {#each care as one (one.heading)}
        <h3 class="font-semibold mt-3">{one.heading}</h3>
        {#each one.sentences as sentence (sentence)}<p>{sentence}</p>{/each}
    {/each}
    <p class="small quiet mt-3">Common practice; the data sheet of what it was finished with comes first.</p>
</section>

<style>
    .facts {
        columns: 2 24rem;
        column-gap: 3rem;
    }

    .facts section {
        break-inside: avoid;
        margin-bottom: 1.2rem;
    }

    .facts div {
        display: grid;
        grid-template-columns: minmax(0, 1fr) minmax(0, 1.2fr) 5.5rem;
        gap: 0.75rem;
        border-top: 1px solid var(--rule);
        padding: 0.2rem 0;
        align-items: baseline;
    }

    dt {
        color: var(--quiet);
    }

    dd:last-child {
        text-align: right;
    }

    .known {
        font-weight: 600;
    }
</style>
