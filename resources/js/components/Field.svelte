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
        type?: 'text' | 'date' | 'moment' | 'email' | 'password' | 'textarea';
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

    /** What was refused of another value is not said of this one, until it is sent. */
    let retyped = $state(false);
    const wrong = $derived(retyped ? undefined : error);
    let line = $state<HTMLElement>();

    $effect(() => {
        const form = line?.closest('form');
        const sent = (): void => {
            retyped = false;
        };
        form?.addEventListener('submit', sent);
        return () => form?.removeEventListener('submit', sent);
    });

    function typing(): void {
        retyped = line?.closest('form') != null;
        oninput?.();
    }

    const described = $derived(
        [wrong ? `${id}-error` : '', hint ? `${id}-hint` : ''].filter(Boolean).join(' ') || undefined,
    );
    const shared = $derived({
        id,
        name,
        class: 'field',
        'aria-invalid': wrong ? ('true' as const) : undefined,
        'aria-describedby': described,
    });
</script>

<div class="line" bind:this={line}>
    <label class="block text-[0.85rem] text-quiet" for={id}>{label}</label>
    {#if options}
        <select {...shared} bind:value onchange={typing}>
            {#each options as option (option.value)}
                <option value={option.value}>{option.words}</option>
            {/each}
        </select>
    {:else if type === 'textarea'}
        <textarea {...shared} {rows} bind:value oninput={typing}></textarea>
    {:else if type === 'date' || type === 'moment'}
        <DayInput {...shared} {label} {past} timed={type === 'moment'} bind:value oninput={typing} />
    {:else}
        <input {...shared} {type} {list} {autocomplete} bind:value oninput={typing} />
    {/if}
    {@render after?.()}
    {#if hint}<p class="hint" id={`${id}-hint`}>{hint}</p>{/if}
    <ErrorLine id={`${id}-error`} text={wrong} />
</div>

<style>
    .hint {
        font-size: 0.8rem;
        color: var(--quiet);
        padding-top: 0.15rem;
    }
</style>
