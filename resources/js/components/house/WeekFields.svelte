<script lang="ts">
    import Field from '@/components/Field.svelte';
    import { WEEKDAYS } from './person';

    interface Props {
        week: Record<number, string>;
        errors: Record<string, string | undefined>;
        fallback?: Record<number, string>;
    }

    let { week = $bindable(), errors, fallback }: Props = $props();
</script>

<div class="week">
    {#each WEEKDAYS as name, index (name)}
        <Field
            name={`hours.${index + 1}`}
            label={name}
            bind:value={() => week[index + 1] ?? '', (hours) => (week = { ...week, [index + 1]: hours })}
            error={errors[`hours.${index + 1}`]}
            hint={fallback && (week[index + 1] ?? '') === '' ? 'free' : undefined}
        />
    {/each}
</div>
{#if errors.hours}<p class="late small" role="alert">{errors.hours}</p>{/if}

<style>
    .week {
        display: grid;
        grid-template-columns: repeat(4, minmax(0, 1fr));
        gap: 0.7rem 1rem;
        width: 100%;
        max-width: 60rem;
    }

    @media (width < 60rem) {
        .week {
            grid-template-columns: 1fr;
        }
    }
</style>
