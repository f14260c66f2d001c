<!-- The pages that look at the plan from another side. -->
<script lang="ts">
    import { inertia, page } from '@inertiajs/svelte';
    import { route } from '@/lib/address';

    const manager = $derived(page.props.viewer?.manager ?? false);
    const path = $derived(page.url.split('?')[0] ?? '');
    const pages = $derived(
        [
            { name: 'Horizon', href: route('horizon'), all: true },
            { name: 'Week', href: route('plan.week'), all: true },
            { name: 'Calendar', href: route('plan.calendar'), all: false },
            { name: 'Chances', href: route('plan.chances'), all: false },
            { name: 'Load', href: route('plan.load'), all: false },
            { name: 'What would help', href: route('plan.help'), all: false },
            { name: 'Try', href: route('plan.try'), all: false },
            { name: 'How it moved', href: route('plan.history'), all: false },
            { name: 'Looking back', href: route('forecasts'), all: false },
            { name: 'Subscribe', href: route('plan.feeds'), all: true },
        ].filter((one) => one.all || manager),
    );
</script>

<nav aria-label="The plan" class="screen-only flex flex-wrap gap-y-[0.1rem] gap-x-[1.3rem] pb-2 text-[0.92rem]">
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
