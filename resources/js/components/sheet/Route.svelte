<script lang="ts">
    import { labour } from '@/lib/time';
    import type { SheetOperation } from '@/lib/props';
    import OperationRow from './OperationRow.svelte';
    import { route } from '@/lib/address';

    interface Props {
        operations: SheetOperation[];
        manager: boolean;
        people: { id: number; name: string }[];
        viewerName: string;
        open: boolean;
        build: number;
    }

    const { operations, manager, people, viewerName, open, build }: Props = $props();

    const stages = $derived(
        [...new Set(operations.map((operation) => operation.stage))].map((name) => ({
            name,
            operations: operations.filter((operation) => operation.stage === name),
        })),
    );
    // A stage is open when something in it is under way or next.
    const ready = (operation: SheetOperation): boolean =>
        operation.state === 'open' && operation.after.every((before) => before.over);
    const shown = (stage: { operations: SheetOperation[] }): boolean =>
        stage.operations.some(
            (operation) =>
                operation.state === 'started' ||
                operation.state === 'holding' ||
                operation.unplanned ||
                ready(operation),
        );
    const done = (stage: { operations: SheetOperation[] }): number =>
        stage.operations.filter((operation) => operation.state === 'done').length;
    const minutes = (stage: { operations: SheetOperation[] }): number =>
        stage.operations.reduce((sum, operation) => sum + operation.setUpMinutes + operation.labourMinutes, 0);
    const worked = (stage: { operations: SheetOperation[] }): number =>
        stage.operations.reduce((sum, operation) => sum + operation.workedMinutes, 0);

    // An address with #operation-12 opens the stage that holds it.
    let wanted = $state(0);
    $effect(() => {
        const look = (): void => {
            wanted = Number(/^#operation-(\d+)$/.exec(location.hash)?.[1] ?? 0);
            requestAnimationFrame(() =>
                document.getElementById(`operation-${wanted}`)?.scrollIntoView({ block: 'center' }),
            );
        };
        look();
        window.addEventListener('hashchange', look);
        return () => window.removeEventListener('hashchange', look);
    });
</script>

<section class="sheet mt-6" id="route">
    <h2><a class="plain" href={route('route', build)}>Route</a></h2>
    <p class="small">
        <a class="target" href={route('route', build)}>Why in this order, and how it can be changed</a>
        <span class="quiet">·</span>
        <a class="target" href={route('builds.traveller', [build, 'a4'])}>Traveller, PDF on A4</a>
        <span class="quiet">·</span>
        <a class="target" href={route('builds.traveller', [build, 'letter'])}>on Letter</a>
    </p>
    {#each stages as stage (stage.name)}
        <details
            class="opens border-b border-b-rule"
            open={shown(stage) || stage.operations.some((operation) => operation.id === wanted)}
        >
            <summary
                class="grid grid-cols-[14rem_1fr_auto] gap-4 py-2 px-0 max-desk:grid-cols-[1fr_auto] max-desk:py-[0.8rem] max-desk:px-0 max-desk:gap-y-0 max-desk:gap-x-2"
            >
                <b>{stage.name}</b>
                <span class="quiet"
                    >{done(stage) === stage.operations.length
                        ? 'done'
                        : `${done(stage)} of ${stage.operations.length} done`}</span
                >
                <span class="figure quiet">{labour(worked(stage))} of {labour(minutes(stage))}</span>
            </summary>
            <ol>
                {#each stage.operations as operation (operation.id)}
                    <OperationRow {operation} {manager} {people} {viewerName} {open} wanted={operation.id === wanted} />
                {/each}
            </ol>
        </details>
    {/each}
</section>

<style>
    @media (width < 60rem) {
        summary span:last-child {
            display: none;
        }
    }
</style>
