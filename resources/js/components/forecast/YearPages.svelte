<!-- The pages that look back. -->
<script lang="ts">
    import { inertia, page } from '@inertiajs/svelte';
    import { route } from '@/lib/address';

    const path = $derived(page.url.split('?')[0] ?? '');
    const pages = [
        { name: 'How good are our forecasts', href: route('forecasts') },
        { name: 'The year', href: route('year') },
        { name: 'Hours by person', href: route('hours') },
        { name: 'The week’s letter', href: route('letter') },
        { name: 'Progress', href: route('plan.progress') },
    ];
</script>

<nav aria-label="Looking back" class="screen-only flex flex-wrap gap-y-[0.1rem] gap-x-[1.3rem] pb-2 text-[0.92rem]">
    {#each pages as one (one.href)}
        <a
            class="plain text-accent touch:py-[0.65rem] touch:px-0"
            href={one.href}
            use:inertia
            aria-current={path.startsWith(one.href) ? 'page' : undefined}>{one.name}</a
        >
    {/each}
</nav>

<style>
    a[aria-current] {
        color: var(--ink);
        font-weight: 600;
    }
</style>
