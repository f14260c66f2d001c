<script lang="ts">
    import type { RouteTotals } from '@/lib/props';
    import { route } from '@/lib/address';

    interface Props {
        heading: string;
        build: { number: number; title: string; revision: number; inOneLine: string };
        totals: RouteTotals;
        editable: boolean;
    }

    const { heading, build, totals, editable }: Props = $props();
    const base = $derived(route('builds.show', build.number));
</script>

<div class="head">
    <div>
        <h1>{heading}</h1>
        <p class="quiet">
            <a class="plain" href={base}>{build.number} · {build.title}</a>, {build.inOneLine}; derived from revision {build.revision}
        </p>
        <nav class="screen-only" aria-label="On this page">
            <a href="#stages">Stages</a><a href="#methods">Methods</a>{#if editable}<a href="#change">Change</a><a
                    href={route('builds.route.compare', build.number)}>Compare</a
                >{/if}<a href={route('builds.traveller', [build.number, 'a4'])}>Traveller, A4</a><a
                href={route('builds.traveller', [build.number, 'letter'])}>Traveller, Letter</a
            >
        </nav>
    </div>
    <dl>
        <div>
            <dt>Set-up and labour</dt>
            <dd class="figure big" data-figure="work">{totals.work}</dd>
        </div>
        <div>
            <dt>Labour at best · usual · at worst</dt>
            <dd class="figure">{totals.labour}</dd>
        </div>
        <div>
            <dt>Alone in the shop</dt>
            <dd class="figure big" data-figure="days">
                {totals.days === null ? 'cannot be planned' : `${totals.days} days`}
            </dd>
        </div>
    </dl>
</div>

<style>
    .head {
        display: grid;
        grid-template-columns: minmax(0, 1fr) auto;
        gap: 1rem 2rem;
        align-items: start;
        margin-bottom: 0.8rem;
    }

    dl {
        display: flex;
        flex-wrap: wrap;
        gap: 0.4rem 1.8rem;
    }

    dt {
        font-size: 0.8rem;
        color: var(--quiet);
    }

    .big {
        font-size: 1.15rem;
    }

    nav {
        display: flex;
        flex-wrap: wrap;
        gap: 0.3rem 1.2rem;
        margin-top: 0.4rem;
    }

    @media (width < 60rem) {
        .head {
            grid-template-columns: minmax(0, 1fr);
        }

        nav a {
            padding: 0.7rem 0;
        }
    }
</style>
