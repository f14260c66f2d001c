<script lang="ts">
    import { tick, type Snippet } from 'svelte';
    import type { Writing } from '@/lib/writing.svelte';
    import Findings from './Findings.svelte';
    import GroupFields from './GroupFields.svelte';
    import Views from './Views.svelte';
    import type { FieldGroup, PartToPick } from '@/lib/props';

    interface Props {
        writing: Writing;
        fields: FieldGroup[];
        editable: boolean;
        onaccept?: (key: string, reason: string) => void;
        acceptError?: string | undefined;
        /** What else there is to see in the middle, by name. */
        more?: { name: string; body: Snippet }[];
        /** Of the catalogue, to pick from. */
        parts?: PartToPick[];
    }

    const { writing, fields, editable, onaccept, acceptError, more = [], parts = [] }: Props = $props();

    let chosen = $state('board');
    let looking = $state('Drawings');
    const group = $derived(fields.find((one) => one.key === chosen));
    const shown = $derived(writing.shown);
    const problems = $derived(writing.worked.problems);
    const troubled = $derived(
        new Set([
            ...Object.keys(problems),
            ...(shown?.findings
                .filter((one) => one.severity !== 'note' && !one.accepted)
                .flatMap((one) => one.fields) ?? []),
        ]),
    );

    /** What an instrument has nothing of is not asked for. */
    const asked = $derived(
        fields.filter((one) =>
            one.fields.some(
                (field) => !writing.worked.values[field.key]?.idle || writing.typed[field.key] !== undefined,
            ),
        ),
    );

    function groupOf(field: string): FieldGroup | undefined {
        const key = field.split('.')[0];
        return fields.find((one) => one.fields.some((other) => other.key === key));
    }

    function hasTrouble(one: FieldGroup): boolean {
        return [...troubled].some((field) => groupOf(field)?.key === one.key);
    }

    async function show(field: string): Promise<void> {
        chosen = groupOf(field)?.key ?? chosen;
        await tick();
        const row = document.querySelector<HTMLElement>(`[data-field="${field.split('.')[0]}"]`);
        row?.scrollIntoView({ block: 'nearest' });
        row?.querySelector<HTMLElement>('input, select, textarea, button')?.focus();
    }
</script>

<div
    class="columns grid grid-cols-[24.5rem_minmax(0,1fr)_17.5rem] mt-[0.6rem] max-[68rem]:grid-cols-1 max-[68rem]:gap-[1.2rem] print:block"
>
    <section class="fields" aria-label="What it is to be">
        <div class="groups flex flex-wrap gap-y-[0.05rem] gap-x-3 pb-[0.4rem]">
            {#each asked as one (one.key)}
                <button type="button" aria-pressed={one.key === chosen} onclick={() => (chosen = one.key)}>
                    {one.name}{#if hasTrouble(one)}<span
                            class="text-rust font-bold pl-[0.15rem]"
                            title="something to settle">!</span
                        >{/if}
                </button>
            {/each}
        </div>
        {#if group}<GroupFields {group} {writing} {editable} {parts} />{/if}
    </section>

    <section class="middle" aria-label="What it becomes" aria-busy={writing.asking}>
        {#if more.length > 0}
            <div class="tabs screen-only flex gap-[1.1rem] pb-[0.3rem]">
                {#each ['Drawings', ...more.map((one) => one.name)] as name (name)}
                    <button type="button" aria-pressed={looking === name} onclick={() => (looking = name)}
                        >{name}</button
                    >
                {/each}
            </div>
        {/if}
        {#if looking === 'Drawings'}
            {#if shown}<Views views={shown.views} stale={writing.worked.shown === null} />{/if}
        {:else}
            {@render more.find((one) => one.name === looking)?.body()}
        {/if}
    </section>

    <section class="findings" aria-label="Findings" aria-live="polite">
        {#if writing.worked.shown === null}
            <p class="late small problem">Drawing, figures and findings stand for what could last be built:</p>
            <ul class="small">
                {#each Object.entries(problems) as [field, problem] (field)}
                    <li>
                        <button class="word" type="button" onclick={() => void show(field)}>{field}</button>
                        {problem}
                    </li>
                {/each}
            </ul>
        {/if}
        {#if writing.silence}<p class="late small" role="alert">{writing.silence}</p>{/if}
        {#if shown}
            <Findings
                findings={shown.findings}
                onfix={editable ? (changes) => writing.apply(changes) : undefined}
                onaccept={editable ? onaccept : undefined}
                onfield={(field) => void show(field)}
                error={acceptError}
            />
        {/if}
    </section>
</div>

<style>
    .columns > section {
        max-height: calc(100dvh - 14.6rem);
        min-height: 26rem;
        overflow-y: auto;
        padding: 0 1.1rem;
    }

    .columns > .fields {
        padding-left: 2px;
    }

    .middle {
        border-inline: 1px solid var(--rule);
    }

    .columns > .findings {
        padding-right: 0;
    }

    .groups button,
    .tabs button {
        font-size: 0.87rem;
        min-height: var(--target);
        border-bottom: 2px solid transparent;
        cursor: pointer;
        color: var(--accent);
    }

    .groups [aria-pressed='true'],
    .tabs [aria-pressed='true'] {
        border-color: var(--ink);
        color: var(--ink);
        font-weight: 600;
    }

    .problem + ul {
        margin-bottom: 0.9rem;
    }
    @media (width < 68rem) {
        .columns > section {
            max-height: none;
            min-height: 0;
            overflow: visible;
            padding: 0;
        }

        .findings {
            order: 2;
        }

        .middle {
            border: 0;
            order: 3;
        }

        .groups button,
        .tabs button {
            min-height: 44px;
        }
    }
    @media print {
        .columns > section {
            max-height: none;
            overflow: visible;
        }
    }
</style>
