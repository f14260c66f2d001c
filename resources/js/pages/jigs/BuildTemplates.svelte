<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import { route } from '@/lib/address';
    import type { BuildTemplatesProps } from '@/lib/props';

    const { number, title, headline, rows, making, open }: BuildTemplatesProps = $props();
</script>

<svelte:head><title>{`Templates for ${number} · Regimen`}</title></svelte:head>

<p class="small quiet">
    <a class="target" use:inertia href={route('builds.show', number)}>{number} · {title}</a> ·
    <a class="target" use:inertia href={route('specification', [number])}>specification</a> · templates
</p>
<h1>{headline}</h1>
<p class="quiet">{making}</p>
<ul class="mt-4">
    {#each rows as one (one.shape)}
        <li class="border-t border-t-rule py-3" data-shape={one.shape}>
            <b class={[!one.fits && 'tight']}>{one.what}</b>
            <span class="block">{one.words}</span>
            {#if one.operations.length > 0}<span class="block small quiet">For: {one.operations.join('; ')}.</span>{/if}
            {#if one.template !== null}
                <a
                    class="target small"
                    use:inertia
                    href={`${route('templates.one', one.template)}${open ? `?build=${number}` : ''}`}>See both lines</a
                >
            {/if}
        </li>
    {/each}
</ul>
<p class="mt-4"><a class="target" use:inertia href={route('templates')}>All templates, and a new one</a></p>
