<script lang="ts">
    import type { Snippet } from 'svelte';
    import DayInput from './DayInput.svelte';
    import ErrorLine from './ErrorLine.svelte';

    interface Props {
        name: string;
        label: string;
        value?: string;
        error?: string;
        hint?: string;
        type?: 'text' | 'date' | 'datetime-local' | 'email' | 'password' | 'textarea';
        options?: { value: string; words: string }[];
        list?: string;
        autocomplete?: 'off' | 'username' | 'current-password' | 'new-password';
        rows?: number;
        after?: Snippet;
        oninput?: () => void;
        /** A day without a year is the last one rather than the next. */
        past?: boolean;
    }

    let {
        name,
        label,
        value = $bindable(''),
        error,
        hint,
        type = 'text',
        options,
        list,
        autocomplete = 'off',
        rows = 3,
        after,
        oninput,
        past = false,
    }: Props = $props();

    const id = $props.id();
    const described = $derived(
        [error ? `${id}-error` : '', hint ? `${id}-hint` : ''].filter(Boolean).join(' ') || undefined,
    );
    const shared = $derived({
        id,
        name,
        class: 'field',
        'aria-invalid': error ? ('true' as const) : undefined,
        'aria-describedby': described,
    });
</script>

<div class="line">
    <label class="block text-[0.85rem] text-quiet" for={id}>{label}</label>
    {#if options}
        <select {...shared} bind:value onchange={oninput}>
            {#each options as option (option.value)}
                <option value={option.value}>{option.words}</option>
            {/each}
        </select>
    {:else if type === 'textarea'}
        <textarea {...shared} {rows} bind:value {oninput}></textarea>
    {:else if type === 'date'}
        <DayInput {...shared} {label} {past} bind:value {oninput} />
    {:else}
        <input {...shared} {type} {list} {autocomplete} bind:value {oninput} />
    {/if}
    {@render after?.()}
    {#if hint}<p class="hint" id={`${id}-hint`}>{hint}</p>{/if}
    <ErrorLine id={`${id}-error`} text={error} />
</div>

<style>
    .hint {
        font-size: 0.8rem;
        color: var(--quiet);
        padding-top: 0.15rem;
    }
</style>
