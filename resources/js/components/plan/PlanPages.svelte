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
            { name: 'Load', href: route('plan.load'), all: false },
            { name: 'What would help', href: route('plan.help'), all: false },
            { name: 'Try', href: route('plan.try'), all: false },
            { name: 'How it moved', href: route('plan.history'), all: false },
            { name: 'Subscribe', href: route('plan.feeds'), all: true },
        ].filter((one) => one.all || manager),
    );
</script>

<nav aria-label="The plan" class="screen-only">
    {#each pages as one (one.href)}
        <a class="plain" href={one.href} use:inertia aria-current={path.startsWith(one.href) ? 'page' : undefined}
            >{one.name}</a
        >
    {/each}
</nav>

<style>
    nav {
        display: flex;
        flex-wrap: wrap;
        gap: 0.1rem 1.3rem;
        padding-bottom: 0.5rem;
        font-size: 0.92rem;
    }

    a {
        color: var(--accent);
    }

    a[aria-current] {
        color: var(--ink);
        font-weight: 600;
    }

    @media (pointer: coarse), (width < 48rem) {
        a {
            padding: 0.65rem 0;
        }
    }
</style>
