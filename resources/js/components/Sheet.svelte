<script lang="ts">
    import { inertia, page, router } from '@inertiajs/svelte';
    import type { Snippet } from 'svelte';
    import { shopClock } from '@/lib/now.svelte';
    import { switchMode } from '@/lib/mode';
    import { clock, fullDay } from '@/lib/time';
    import BenchStrip from './BenchStrip.svelte';
    import FirstVisit from './first/FirstVisit.svelte';
    import Keys from './Keys.svelte';
    import { route } from '@/lib/address';

    const { children }: { children: Snippet } = $props();

    const shared = $derived(page.props);
    const path = $derived(page.url.split('?')[0] ?? '');
    /** The bench has its own head, and everything of the strip in large. */
    const atBench = $derived(page.component === 'bench/Bench');
    const manager = $derived(shared.viewer?.manager ?? false);
    const pages = $derived(
        shared.viewer === null
            ? []
            : [
                  { name: 'Today', href: route('today'), key: '1' },
                  { name: 'Bench', href: route('bench'), key: 'b' },
                  { name: 'Horizon', href: route('horizon'), key: '2' },
                  { name: 'Builds', href: route('builds'), key: '3' },
                  { name: 'Stores', href: route('stores'), key: '4' },
                  ...(manager
                      ? [
                            { name: 'Clients', href: route('clients'), key: 'c' },
                            { name: 'Money', href: route('money'), key: 'm' },
                            { name: 'People', href: route('people'), key: '5' },
                            { name: 'House', href: route('house'), key: '6' },
                        ]
                      : []),
              ],
    );

    let keysOpen = $state(false);

    /** What follows the page in a request of its own is still under way. */
    const follows = $derived(
        Object.values(page.initialDeferredProps ?? page.deferredProps ?? {})
            .flat()
            .some((name) => page.props[name] === undefined),
    );

    $effect(() => router.on('success', () => shopClock.answered()));

    function isHere(href: string): boolean {
        return (
            path === href ||
            path.startsWith(`${href}/`) ||
            (href === route('builds') && path.startsWith(route('commissions.store'))) ||
            (href === route('clients') && /^\/(enquiries|sketches|quotes)(\/|$)/.test(path)) ||
            (href === route('money') && path.startsWith('/invoices/'))
        );
    }

    /** A browser brings the caret into view, not the whole of a field of several lines: its foot may lie behind the strip. */
    function uncover(event: FocusEvent): void {
        const field = event.target;
        if (field instanceof HTMLTextAreaElement) {
            field.scrollIntoView({ block: 'nearest' });
        }
    }

    function press(event: KeyboardEvent): void {
        const target = event.target as HTMLElement;
        const typing = target.closest('input, textarea, select, [contenteditable]') !== null;
        if (typing || event.ctrlKey || event.metaKey || event.altKey || shared.viewer === null) {
            return;
        }
        const to =
            pages.find((one) => one.key === event.key)?.href ??
            (event.key === '+' && manager ? route('commissions.new') : null);
        if (to !== null) {
            router.visit(to);
        } else if (event.key === '.' && shared.bench?.next) {
            router.visit(route('builds.show', shared.bench.next.build) + `#operation-${shared.bench.next.operationId}`);
        } else if (event.key === 'e') {
            switchMode();
        } else if (event.key === '?') {
            keysOpen = true;
        } else {
            return;
        }
        event.preventDefault();
    }
</script>

<svelte:window onkeydown={press} onfocusin={uncover} />

<a class="skip absolute -left-3996" href="#content">To the content</a>

{#if shared.viewer}
    <header
        class:max-md:hidden={atBench}
        class="screen-only flex items-baseline gap-6 pt-[1.05rem] px-7 pb-0 max-desk:flex-wrap max-desk:gap-y-[0.2rem] max-desk:gap-x-4 max-desk:pt-[0.8rem] max-desk:px-4 max-desk:pb-0"
    >
        <a class="plain name" href={route('today')} use:inertia>Regimen</a>
        <nav
            class="flex gap-[1.35rem] flex-1 overflow-x-auto [scrollbar-width:none] p-[3px] max-desk:[order:5] max-desk:[flex-basis:100%]"
            aria-label="Pages"
        >
            {#each pages as one (one.href)}
                <a class="plain" href={one.href} use:inertia aria-current={isHere(one.href) ? 'page' : undefined}
                    >{one.name}</a
                >
            {/each}
        </nav>
        <span class="figure text-[0.85rem] whitespace-nowrap font-normal max-md:hidden max-desk:ml-auto"
            >{fullDay(shopClock.now)} {clock(shopClock.now)}</span
        >
        <a class="plain text-[0.9rem] whitespace-nowrap max-md:ml-auto" href={route('account')} use:inertia
            >{shared.viewer.name}</a
        >
        <button class="word" type="button" onclick={() => router.post(route('sign-out'))}>Sign out</button>
    </header>
{/if}

<main
    class="pt-[0.9rem] px-7 pb-24 [outline:none] max-desk:pt-[0.6rem] max-desk:px-4 max-desk:pb-28"
    id="content"
    tabindex="-1"
    aria-busy={follows}
    class:alone={!shared.viewer}
>
    <div aria-live="polite">
        {#if shared.errors?.conflict}
            <p class="said conflict" role="alert">{shared.errors.conflict}</p>
        {:else if shared.done}
            <p class="said">{shared.done}</p>
        {/if}
    </div>
    {#if shared.viewer}<FirstVisit />{/if}
    {@render children()}
</main>

{#if shared.viewer && shared.bench}
    {#if !atBench}<BenchStrip bench={shared.bench} onkeys={() => (keysOpen = true)} />{/if}
    <Keys bind:open={keysOpen} pages={pages.map(({ name, key }) => ({ name, key }))} {manager} />
{/if}

<style>
    .name {
        font-family: var(--heading);
        font-weight: 750;
        font-size: 1.5rem;
        letter-spacing: -0.02em;
    }

    nav a {
        white-space: nowrap;
        padding: 0.3rem 0;
        border-bottom: 3px solid transparent;
        font-weight: 500;
    }

    nav a[aria-current] {
        border-color: var(--ink);
    }

    header .word {
        font-size: 0.9rem;
        white-space: nowrap;
    }

    main.alone {
        padding-top: 3rem;
        padding-bottom: 2rem;
    }

    .said {
        border-left: 5px solid var(--ink);
        padding: 0.4rem 0.9rem;
        margin-bottom: 0.9rem;
        background: var(--shade);
        max-width: 60rem;
    }

    .conflict {
        border-color: var(--rust);
    }

    .skip:focus {
        left: 1rem;
        top: 0.5rem;
        background: var(--paper);
        padding: 0.5rem;
        z-index: 30;
    }
    @media (width < 60rem) {
        nav a {
            padding: 0.7rem 0;
        }
    }
    @media (width < 48rem) {
        header .word {
            margin-left: auto;
        }
    }
</style>
