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

<div class="head grid grid-cols-[minmax(0,1fr)_auto] gap-y-4 gap-x-8 items-start mb-[0.8rem] max-desk:grid-cols-1">
    <div>
        <h1>{heading}</h1>
        <p class="quiet">
            <a class="plain" href={base}>{build.number} · {build.title}</a>, {build.inOneLine}; derived from revision {build.revision}
        </p>
        <nav class="screen-only flex flex-wrap gap-y-[0.3rem] gap-x-[1.2rem] mt-[0.4rem]" aria-label="On this page">
            <a href="#stages">Stages</a><a href="#methods">Methods</a>{#if editable}<a href="#change">Change</a><a
                    href={route('builds.route.compare', build.number)}>Compare</a
                >{/if}<a href={route('builds.traveller', [build.number, 'a4'])}>Traveller, A4</a><a
                href={route('builds.traveller', [build.number, 'letter'])}>Traveller, Letter</a
            >
        </nav>
    </div>
    <dl class="flex flex-wrap gap-y-[0.4rem] gap-x-[1.8rem]">
        <div>
            <dt class="text-[0.8rem] text-quiet">Set-up and labour</dt>
            <dd class="figure text-[1.15rem]" data-figure="work">{totals.work}</dd>
        </div>
        <div>
            <dt class="text-[0.8rem] text-quiet">Labour at best · usual · at worst</dt>
            <dd class="figure">{totals.labour}</dd>
        </div>
        <div>
            <dt class="text-[0.8rem] text-quiet">Alone in the shop</dt>
            <dd class="figure text-[1.15rem]" data-figure="days">
                {totals.days === null ? 'cannot be planned' : `${totals.days} days`}
            </dd>
        </div>
    </dl>
</div>

<style>
    @media (width < 60rem) {
        nav a {
            padding: 0.7rem 0;
        }
    }
</style>
