<script lang="ts">
    import YearPages from '@/components/forecast/YearPages.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';
    import type { LetterProps } from '@/lib/props';

    const props: LetterProps = $props();
    const act = new Act();
</script>

<svelte:head><title>The week’s letter · Regimen</title></svelte:head>

<YearPages />
<h1>{props.heading}</h1>
<p class="screen-only flex flex-wrap gap-4 items-center">
    <button class="act" type="button" disabled={act.busy} onclick={() => act.post(route('letter'))}
        >Mail it to {props.mail || 'me'}</button
    >
    <button class="act" type="button" onclick={() => window.print()}>Print it</button>
</p>
<article class="max-w-3xl">
    {#each props.parts as part (part.heading)}
        <section class="mt-4" data-part={part.heading}>
            <h2 class="border-t-2 border-t-ink pt-2">{part.heading}</h2>
            {#if part.heading === 'Three things to do'}
                <ol class="list-decimal pl-6">
                    {#each part.lines as line (line)}<li class="py-1">{line}</li>{/each}
                </ol>
            {:else}
                <ul>
                    {#each part.lines as line (line)}<li class="border-t border-t-rule py-1">{line}</li>{/each}
                </ul>
            {/if}
        </section>
    {/each}
</article>
