<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import Mark from '@/components/Mark.svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import { Act } from '@/lib/act.svelte';
    import { clock, dateOf, labour, moment, span } from '@/lib/time';
    import type { SheetOperation } from '@/lib/props';
    import OperationForms from './OperationForms.svelte';
    import { route } from '@/lib/address';

    interface Props {
        operation: SheetOperation;
        manager: boolean;
        people: { id: number; name: string }[];
        viewerName: string;
        open: boolean;
        wanted: boolean;
    }

    const { operation, manager, people, viewerName, open, wanted }: Props = $props();

    const act = new Act();
    const planned = $derived(operation.setUpMinutes + operation.labourMinutes);
    let more = $state(false);
    const blocked = $derived(operation.after.filter((before) => !before.over));

    function times(): string {
        if (operation.start === null || operation.workEnd === null) {
            return 'not planned';
        }
        const same = dateOf(operation.start) === dateOf(operation.workEnd);
        return `${moment(operation.start)} – ${same ? clock(operation.workEnd) : moment(operation.workEnd)}`;
    }
</script>

<li id={`operation-${operation.id}`} class={[operation.state, wanted && 'wanted']} data-operation={operation.name}>
    <div
        class="row grid grid-cols-[1.1rem_minmax(0,1fr)_9.5rem_10.5rem_12.5rem_17rem] gap-3 items-start max-desk:grid-cols-[1.1rem_minmax(0,1fr)] max-desk:gap-y-[0.2rem] max-desk:gap-x-[0.6rem]"
    >
        <Mark kind="labour" state={operation.state} words={operation.state} />
        <div class="name">
            <b>{operation.name}</b>
            <button
                class="word small"
                type="button"
                aria-expanded={more}
                aria-label={`${more ? 'less' : 'more'} about ${operation.name}`}
                onclick={() => (more = !more)}
            >
                {more ? 'less' : 'more'}
            </button>
            {#if blocked.length > 0}<span class="small quiet"
                    >after {blocked.map((before) => before.name).join(', ')}</span
                >{/if}
            {#if operation.waitsFor}<span class="tight small">waits for {operation.waitsFor}</span>{/if}
            {#if operation.state === 'holding' && operation.finish}<span class="small"
                    >holds until {moment(operation.finish)}{operation.fixture ? `, ${operation.fixture}` : ''}</span
                >{/if}
            {#if operation.gate}<a class="plain small quiet" use:inertia href={route('gate', operation.id)}
                    ><Mark kind="gate" />{operation.gate}</a
                >{/if}
        </div>
        <span class="figure text-[0.85rem]"
            >{labour(operation.workedMinutes)} <span class="quiet">of {labour(planned)}</span></span
        >
        <span class="hold small">
            {#if operation.holdMinutes > 0}<Mark kind="hold" />{span(operation.holdMinutes)}{operation.fixture
                    ? `, ${operation.fixture}`
                    : ''}{/if}
        </span>
        <span class="small [line-height:1.25]"
            >{times()}<br /><span class="quiet"
                >{operation.person ?? ''}{operation.station ? ` · ${operation.station}` : ''}</span
            ></span
        >
        <span class="actions screen-only flex flex-wrap gap-[0.4rem] justify-end max-desk:justify-start">
            {#if open && (operation.state === 'started' || (operation.state === 'open' && blocked.length === 0))}
                <button
                    class="act"
                    type="button"
                    disabled={act.busy}
                    onclick={() => act.post(route('operations.clock', operation.id), { version: operation.version })}
                    >Start clock</button
                >
                <button
                    class="act"
                    type="button"
                    disabled={act.busy}
                    onclick={() => act.post(route('operations.done', operation.id), { version: operation.version })}
                >
                    {operation.gate ? 'Done: readings' : operation.holdMinutes > 0 ? 'Done, hold begins' : 'Mark done'}
                </button>
            {/if}
        </span>
    </div>
    <ErrorLine text={act.other(...(more ? ['hours', 'worked_on', 'person_id', 'sure', 'until', 'what'] : []))} />
    {#if more}
        <div class="reasons ml-[1.85rem] pt-[0.3rem] pb-[0.6rem] max-w-208">
            {#if operation.lastTime}<p data-last-time>{operation.lastTime}</p>{/if}
            {#if operation.because}<p><b>Why then:</b> {operation.because}</p>{/if}
            {#each operation.after as before (before.id)}
                <p class={before.over ? 'quiet' : ''}>
                    <b>After <a href={`#operation-${before.id}`}>{before.name}</a></b>{before.over ? ' (over)' : ''}: {before.reason}
                </p>
            {/each}
            <p class="quiet">
                Set-up {labour(operation.setUpMinutes)}, labour {labour(operation.labourMinutes)}; skill {operation.skill}{operation.station
                    ? `; ${operation.station}`
                    : ''}{operation.needs.length > 0 ? `; needs ${operation.needs.join(', ')} from the kit` : ''}.
            </p>
            {#if operation.caution}<p class="small border-l-4 border-l-ochre pl-[0.6rem_!important]">
                    {operation.caution}
                </p>{/if}
            {#if open}<OperationForms {operation} {manager} {people} {viewerName} {act} />{/if}
        </div>
    {/if}
</li>

<style>
    li {
        border-top: 1px solid var(--rule);
        padding: 0.35rem 0 0.25rem 0.4rem;
    }

    .wanted {
        background: var(--shade);
    }

    .name span {
        display: block;
    }

    .name b {
        font-weight: 550;
    }

    .done .name b {
        font-weight: 400;
    }

    .actions .act {
        font-size: 0.88rem;
    }

    .name .word {
        padding: 0 0 0 0.5rem;
        font-size: 0.78rem;
        min-height: var(--target);
    }

    .reasons p {
        font-size: 0.9rem;
        padding: 0.12rem 0;
    }

    .reasons p b {
        font-weight: 550;
    }
    @media (width < 60rem) {
        .row > :global(*:nth-child(n + 3)) {
            grid-column: 2;
        }
    }
</style>
