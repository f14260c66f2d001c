<!-- Neck, board and body as three streams that grow apart and flow together; what is done on the bench runs above them. -->
<script lang="ts">
    import { labour, span } from '@/lib/time';
    import { around } from './route';
    import type { RouteOperation } from '@/lib/props';

    interface Props {
        operations: RouteOperation[];
        chosen: string | null;
        onchoose: (key: string) => void;
    }

    const { operations, chosen, onchoose }: Props = $props();

    const LANES = ['', 'neck', 'fretboard', 'body'];
    const NAMES = ['on paper, at the bench', 'neck', 'fretboard', 'body'];
    const LANE = 46;
    const TOP = 14;

    let width = $state(1100);
    const drawn = $derived(operations.filter((operation) => operation.column !== null));
    const columns = $derived(Math.max(1, ...drawn.map((operation) => operation.column ?? 0)) + 1);
    const step = $derived(Math.max(15, (width - 24) / columns));
    const x = (operation: RouteOperation): number => 8 + (operation.column ?? 0) * step;
    const lanesOf = (operation: RouteOperation): number[] => {
        const lanes = operation.pieces.map((piece) => LANES.indexOf(piece));
        return lanes.length > 0 ? lanes : [0];
    };
    const middle = (lane: number): number => TOP + lane * LANE + LANE / 2;
    /** Operations that stand in the same column and lane lie beside each other. */
    const places = $derived.by(() => {
        const taken: Record<string, number> = {};
        return new Map(
            drawn.map((operation) => {
                const lanes = lanesOf(operation);
                const key = `${operation.column} ${lanes.join()}`;
                const nth = taken[key] ?? 0;
                taken[key] = nth + 1;
                const top = middle(Math.min(...lanes)) - (lanes.length > 1 ? 6 : 7) + nth * 9 - (nth > 0 ? 3 : 0);
                const bottom = lanes.length > 1 ? middle(Math.max(...lanes)) + 6 : top + 14;
                return [operation.key, { x: x(operation), top, height: Math.max(8, bottom - top - (nth > 0 ? 4 : 0)) }];
            }),
        );
    });
    const height = TOP + 4 * LANE + 4;
    const reach = $derived(chosen ? around(drawn, chosen) : null);
    const streams = $derived(
        [1, 2, 3].map((lane) => {
            const own = drawn.filter((operation) => lanesOf(operation).includes(lane));
            const joined = drawn.filter(
                (operation) => lanesOf(operation).length > 1 && lanesOf(operation).includes(lane),
            );
            const from = Math.min(...own.map(x));
            return {
                lane,
                from,
                meets: joined.length > 0 ? Math.min(...joined.map(x)) : width,
                to: Math.max(...own.map(x)) + step,
            };
        }),
    );
    const lines = $derived(
        chosen === null
            ? []
            : drawn.flatMap((operation) =>
                  operation.after
                      .filter((link) => operation.key === chosen || link.key === chosen)
                      .map((link) => ({
                          id: `${link.key} ${operation.key}`,
                          from: places.get(link.key),
                          to: places.get(operation.key),
                          strict: link.spoils !== '',
                      })),
              ),
    );

    function curve(
        from: { x: number; top: number; height: number },
        to: { x: number; top: number; height: number },
    ): string {
        const start = { x: from.x + step * 0.7, y: from.top + from.height / 2 };
        const end = { x: to.x, y: to.top + to.height / 2 };
        const bend = Math.max(2, (end.x - start.x) / 2);
        return `M${start.x} ${start.y} C${start.x + bend} ${start.y}, ${end.x - bend} ${end.y}, ${end.x} ${end.y}`;
    }

    function tone(operation: RouteOperation): string {
        if (chosen === null || reach === null || operation.key === chosen) {
            return '';
        }
        return reach.before.has(operation.key) || reach.behind.has(operation.key) ? '' : 'faint';
    }
</script>

<div class="streams" bind:clientWidth={width} role="group" aria-label="The route as streams that flow together">
    <svg class="block" width={Math.max(width, columns * 15 + 24)} {height}>
        {#each [0, 1, 2, 3] as lane (lane)}
            <text class="name text-[0.75rem] fill-quiet" x="8" y={middle(lane) - 15}>{NAMES[lane]}</text>
        {/each}
        {#each streams as stream (stream.lane)}
            {#if stream.to > stream.from}
                <rect
                    class="fill-rule"
                    x={stream.from}
                    y={middle(stream.lane) - 2}
                    width={stream.to - stream.from}
                    height="4"
                />
            {/if}
        {/each}
        {#each lines as line (line.id)}
            {#if line.from && line.to}
                <path class={['link', line.strict && 'strict']} d={curve(line.from, line.to)} />
            {/if}
        {/each}
        {#each drawn as operation (operation.key)}
            {@const place = places.get(operation.key)}
            {#if place}
                <a
                    class="[outline-offset:1px]"
                    href={`#${operation.key}`}
                    data-key={operation.key}
                    aria-label={`${operation.name}, ${labour(operation.setUp + operation.labour)}${operation.hold > 0 ? `, holds ${span(operation.holdNow)}` : ''}`}
                    aria-current={operation.key === chosen ? 'true' : undefined}
                    onclick={(event) => {
                        event.preventDefault();
                        onchoose(operation.key);
                    }}
                >
                    <g
                        class={[
                            operation.state,
                            tone(operation),
                            operation.own && 'own',
                            operation.key === chosen && 'chosen',
                        ]}
                    >
                        <title>{operation.name}</title>
                        <rect
                            class="labour"
                            x={place.x}
                            y={place.top}
                            width={Math.max(7, step * 0.55)}
                            height={place.height}
                        />
                        {#if operation.hold > 0}
                            <rect
                                class="hold [fill:url(#hatch)] stroke-labour [stroke-width:0.8]"
                                x={place.x + Math.max(7, step * 0.55)}
                                y={place.top}
                                width={Math.max(4, step * 0.4)}
                                height={place.height}
                            />
                        {/if}
                        {#if operation.gate.length > 0}
                            <circle
                                class="gate fill-paper stroke-ink [stroke-width:1.5]"
                                cx={place.x + step * 0.28}
                                cy={place.top - 5}
                                r="3.2"
                            />
                        {/if}
                        {#if operation.critical}
                            <path
                                class="chain stroke-ink [stroke-width:2]"
                                d={`M${place.x} ${place.top + place.height + 3} h${step * 0.9}`}
                            />
                        {/if}
                    </g>
                </a>
            {/if}
        {/each}
    </svg>
</div>

<style>
    .streams {
        overflow-x: auto;
    }

    .labour {
        fill: var(--labour);
    }

    .done .labour {
        fill: var(--ink);
    }

    .started .labour {
        fill: var(--accent);
    }

    .own .labour {
        stroke: var(--accent);
        stroke-width: 2;
    }

    .link {
        fill: none;
        stroke: var(--quiet);
        stroke-width: 1.2;
    }

    .link.strict {
        stroke: var(--ink);
        stroke-width: 2;
    }

    .faint {
        opacity: 0.28;
    }

    .chosen .labour {
        fill: var(--accent);
    }
</style>
