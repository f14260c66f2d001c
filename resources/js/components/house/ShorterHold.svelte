<script lang="ts">
    import Field from '@/components/Field.svelte';

    /** Why a hold can be shorter than glue or finish usually need; asked for only where it is. */
    let { because = $bindable(''), error }: { because: string | undefined; error: string | undefined } = $props();
</script>

{#if error || because}
    <span class="[grid-column:2_/_-1]">
        <Field
            name="because"
            label="It can be shorter, because"
            bind:value={() => because ?? '', (value) => (because = value)}
            {error}
        />
    </span>
{/if}
