<script lang="ts">
    import { textOf } from '@/lib/file';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import FileField from '@/components/FileField.svelte';
    import type { FieldDefinition, ShownValue } from '@/lib/props';
    import { route } from '@/lib/address';
    import Source from './Source.svelte';

    interface Props {
        field: FieldDefinition;
        typed: string;
        value: ShownValue | undefined;
        problem: string | undefined;
        /** why what is typed is left aside */
        aside?: string;
        editable?: boolean;
        onset: (value: string) => void;
    }

    const { field, typed, value, problem, aside = '', editable = true, onset }: Props = $props();

    const id = $props.id();
    const taken = $derived(value && value.source !== 'client' ? value.words : '');
    const shared = $derived({
        id,
        name: field.key,
        'aria-invalid': problem ? ('true' as const) : undefined,
        'aria-describedby':
            [problem ? `${id}-error` : '', field.hint ? `${id}-hint` : ''].filter(Boolean).join(' ') || undefined,
    });
</script>

<div class={['row', `of-${field.kind}`]} data-field={field.key}>
    <label for={id}>{field.label}</label>
    {#if !editable}
        <span class="figure value">{typed !== '' && field.kind === 'figure' ? typed : (value?.words ?? '')}</span>
    {:else if field.kind === 'choice'}
        <select
            {...shared}
            class={['value', typed === '' && 'taken']}
            value={typed}
            onchange={(event) => onset(event.currentTarget.value)}
        >
            <option value="">{typed === '' ? (value?.words ?? '') : 'as the house has it'}</option>
            {#each field.options as option (option.value)}<option value={option.value}>{option.words}</option>{/each}
        </select>
    {:else if field.kind === 'prose'}
        <textarea
            {...shared}
            class="value"
            rows={3}
            value={typed}
            placeholder={taken}
            oninput={(event) => onset(event.currentTarget.value)}></textarea>
    {:else}
        <input
            {...shared}
            class="value figure"
            type="text"
            autocomplete="off"
            value={typed}
            placeholder={taken}
            oninput={(event) => onset(event.currentTarget.value)}
        />
    {/if}
    <span class="other figure quiet text-right text-[0.8rem] whitespace-nowrap font-normal"
        >{problem ? '' : (value?.other ?? '')}</span
    >
    <Source source={value?.source ?? ''} />
    {#if field.key === 'outlineSvg' && editable}
        <div class="file text-[0.8rem] py-[0.2rem]">
            <FileField
                words="Outline from a file (.svg)"
                accept={['.svg', 'image/svg+xml']}
                onfile={(file) => void textOf(file).then(onset)}
            />
        </div>
    {/if}
    {#if field.key === 'outline' && editable}
        <p class="hint"><a class="target" href={route('outlines')} target="_blank">See them side by side</a></p>
    {/if}
    {#if aside}<p class="hint">Left aside, for {aside}.</p>{/if}
    {#if field.hint}<p class="hint" id={`${id}-hint`}>{field.hint}</p>{/if}
    <ErrorLine id={`${id}-error`} text={problem} />
</div>

<style>
    .row {
        display: grid;
        grid-template-columns: minmax(0, 1fr) 5.6rem 4.6rem 1rem;
        gap: 0 0.5rem;
        align-items: center;
        border-bottom: 1px solid var(--rule);
        padding: 0.16rem 0;
        font-size: 0.9rem;
    }

    .of-choice,
    .of-text {
        grid-template-columns: minmax(0, 1fr) 10.7rem 1rem;
    }

    .of-choice .other,
    .of-text .other,
    .of-prose .other {
        display: none;
    }

    .of-prose {
        grid-template-columns: minmax(0, 1fr) 1rem;
    }

    .of-prose label {
        grid-column: 1 / -1;
    }

    .row > :global(p),
    .file {
        grid-column: 1 / -1;
    }

    .value {
        width: 100%;
        min-height: 1.75rem;
        padding: 0 0.3rem;
        border: 0;
        background: var(--shade);
        color: var(--ink);
        text-align: right;
        font-size: 0.92rem;
    }

    select.value {
        text-align: left;
    }

    textarea.value {
        text-align: left;
        padding: 0.3rem;
        resize: vertical;
    }

    span.value {
        background: none;
        padding: 0.15rem 0.3rem;
    }

    .value[aria-invalid='true'] {
        outline: 2px solid var(--rust);
    }

    .value::placeholder,
    .taken {
        color: var(--quiet);
        opacity: 1;
        font-weight: 400;
    }

    .hint {
        font-size: 0.76rem;
        color: var(--quiet);
        display: none;
    }

    .row:focus-within .hint {
        display: block;
    }
    @media (pointer: coarse), (width < 48rem) {
        .value {
            min-height: 44px;
        }
    }
</style>
