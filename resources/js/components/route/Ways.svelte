<!-- The ways in which one operation can be done, what each costs the promises, and the choice. -->
<script lang="ts">
    import { labour } from '@/lib/time';
    import type { Act } from '@/lib/act.svelte';
    import type { RouteOperation, RoutePrice } from '@/lib/props';
    import { route } from '@/lib/address';

    interface Props {
        operation: RouteOperation;
        prices: Record<string, RoutePrice> | undefined;
        editable: boolean;
        build: number;
        version: number;
        act: Act;
    }

    const { operation, prices, editable, build, version, act }: Props = $props();

    const priceOf = (tool: string): RoutePrice | undefined => prices?.[`tool:${operation.standard} ${tool}`];

    function choose(tool: string): void {
        act.post(route('builds.route.method', build), { version, key: `tool:${operation.standard}`, answer: tool });
    }
</script>

<div class="ways" data-ways={operation.key}>
    <b>Ways to do it</b>
    {#each operation.ways as way (way.tool)}
        {@const price = priceOf(way.tool)}
        <div class="way">
            <span
                ><b class={way.tool === operation.tool ? '' : 'plainly'}>{way.words}</b>
                <span class="figure small">{labour(way.setUp)} + {labour(way.labour)}</span></span
            >
            <span class="small quiet">{way.risk}{way.station ? ` At the ${way.station}.` : ''}</span>
            {#if way.tool === operation.tool}
                <span class="small">as it is now</span>
            {:else if price?.problem}
                <span class="small late">{price.problem}</span>
            {:else}
                <span class="small">{price?.words ?? ''}</span>
                {#if editable && operation.state === 'open'}<button
                        class="act small"
                        type="button"
                        disabled={act.busy}
                        onclick={() => choose(way.tool)}>Do it this way</button
                    >{/if}
            {/if}
        </div>
    {/each}
</div>

<style>
    .way {
        display: grid;
        gap: 0.1rem;
        border-top: 1px solid var(--rule);
        padding: 0.3rem 0;
        justify-items: start;
    }

    .plainly {
        font-weight: 450;
    }
</style>
