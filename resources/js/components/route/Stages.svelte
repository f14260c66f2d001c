<script lang="ts">
    import Mark from '@/components/Mark.svelte';
    import type { RouteOperation } from '@/lib/props';
    import { labour, span } from '@/lib/time';

    interface Props {
        operations: RouteOperation[];
        count: number;
        chosen: string | null;
        onchoose: (key: string) => void;
    }

    const { operations, count, chosen, onchoose }: Props = $props();

    const stages = $derived(
        [...new Set(operations.map((operation) => operation.stage))].map((name) => {
            const own = operations.filter((operation) => operation.stage === name);
            return { name, operations: own, minutes: own.reduce((sum, one) => sum + one.setUp + one.labour, 0) };
        }),
    );
</script>

<section class="sheet mt-[1.2rem]" id="stages">
    <h2>In stages, {count} operations</h2>
    {#each stages as stage (stage.name)}
        <div class="stage">
            <p class="name"><b>{stage.name}</b> <span class="figure small quiet">{labour(stage.minutes)}</span></p>
            <ol>
                {#each stage.operations as operation (operation.key)}
                    <li class={[operation.state, operation.useless && 'useless']}>
                        <button
                            type="button"
                            class={['line', operation.key === chosen && 'chosen']}
                            aria-pressed={operation.key === chosen}
                            data-operation={operation.key}
                            onclick={() => onchoose(operation.key)}
                        >
                            <Mark kind="labour" state={operation.state} />
                            <span class={operation.critical ? 'chain' : ''}
                                >{operation.name}{operation.own ? ' (own)' : ''}{operation.useless
                                    ? ', not needed any more'
                                    : ''}</span
                            >
                            <span class="figure small">{labour(operation.setUp + operation.labour)}</span>
                            <span class="small hold"
                                >{#if operation.hold > 0}<Mark kind="hold" />{span(operation.holdNow)}{/if}</span
                            >
                            {#if operation.gate.length > 0}<i
                                    class="ring w-[0.65rem] h-[0.65rem] border-[1.5px] border-labour [border-radius:50%]"
                                    title={operation.gateShort}
                                ></i>{/if}
                        </button>
                    </li>
                {/each}
            </ol>
        </div>
    {/each}
</section>

<style>
    .stage {
        display: grid;
        grid-template-columns: 8.5rem minmax(0, 1fr);
        gap: 0 1rem;
        border-top: 1px solid var(--rule);
        padding: 0.25rem 0;
    }

    .name .figure {
        display: block;
    }

    .line {
        display: grid;
        grid-template-columns: 1rem minmax(0, 1fr) 5.2rem 6.2rem 0.8rem;
        gap: 0.6rem;
        align-items: center;
        width: 100%;
        text-align: left;
        min-height: 26px;
        padding: 0.1rem 0.3rem;
        cursor: pointer;
    }

    .line:hover {
        background: var(--shade);
    }

    .line.chosen {
        background: var(--shade);
        border-left: 3px solid var(--accent);
    }

    .chain {
        text-decoration: underline;
        text-decoration-thickness: 1.5px;
        text-underline-offset: 4px;
    }

    .line .figure {
        text-align: right;
        font-weight: 450;
    }

    .useless {
        color: var(--quiet);
    }
    @media (width < 60rem) {
        .stage {
            grid-template-columns: minmax(0, 1fr);
        }

        .line {
            min-height: 44px;
            grid-template-columns: 1rem minmax(0, 1fr) 4.4rem;
        }

        .line .hold,
        .line .ring {
            display: none;
        }
    }
</style>
