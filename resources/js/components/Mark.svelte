<!--
    One of the five marks: labour is solid, a hold hatched, waiting open, a gate a ring, a promise a flag. In a picture in
    time at a place, otherwise as a sign in a line of words. What each looks like stands in the theme.
-->
<script lang="ts" module>
    import type { MarkKind, OperationState } from '@/lib/props';

    export interface Place {
        x: number;
        y: number;
        width?: number;
        height?: number;
    }
</script>

<script lang="ts">
    interface Props {
        kind: MarkKind | 'promise' | 'idle';
        state?: OperationState;
        /** late or tight, where it is a promise */
        tone?: string;
        at?: Place;
        words?: string;
    }

    const { kind, state, tone = '', at, words }: Props = $props();

    const GATE = 4.5;
    const height = $derived(at?.height ?? 0);
</script>

{#snippet title()}{#if words}<title>{words}</title>{/if}{/snippet}

{#if at === undefined}
    <i class={['sign', kind, state, tone]} title={words} aria-hidden={words === undefined}></i>
{:else if kind === 'gate'}
    <circle class={['gate', state]} cx={at.x} cy={at.y} r={at.width ?? GATE}>{@render title()}</circle>
{:else if kind === 'promise'}
    <g class={['promise', tone]} transform={`translate(${Math.round(at.x)} ${at.y})`}>
        <path d={`M0 0 V${height}`} />
        <path class="cloth" d="M0 0 L12 4 L0 9 Z" />
        {@render title()}
    </g>
{:else}
    <rect class={[kind, state]} x={at.x} y={at.y} width={Math.max(1.5, at.width ?? 0)} {height}>{@render title()}</rect>
{/if}
