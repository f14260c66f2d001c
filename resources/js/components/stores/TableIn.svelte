<!-- A table is looked at before it is taken in: what would change, or what is wrong with it. -->
<script lang="ts">
    import { useForm } from '@inertiajs/svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import FileField from '@/components/FileField.svelte';
    import { lookAt } from '@/lib/look';
    import type { TableLooked } from '@/lib/props';

    interface Props {
        look: string;
        to: string;
        /** What a line is about: `board`. */
        one: string;
    }

    const { look, to, one }: Props = $props();

    const form = useForm({ file: null as File | null });
    let seen = $state<TableLooked | null>(null);
    let silence = $state('');

    async function choose(file: File): Promise<void> {
        form.file = file;
        form.clearErrors();
        const data = new FormData();
        data.append('file', file);
        const answer = await lookAt<TableLooked>(look, data);
        silence = typeof answer === 'string' ? answer : '';
        seen = typeof answer === 'string' ? null : answer;
    }
</script>

<form
    class="mt-4"
    novalidate
    onsubmit={(event) => {
        event.preventDefault();
        form.post(to);
    }}
>
    <FileField
        words="Choose a table (.csv)"
        accept={['.csv', '.txt', 'text/csv']}
        chosen={form.file?.name}
        error={form.errors.file ?? silence}
        onfile={choose}
    />
    {#if seen?.problem}<div class="mt-4"><ErrorLine text={seen.problem} /></div>{/if}
    {#if seen && seen.changes.length > 0}
        <section class="sheet mt-4" data-changes>
            <h2>
                {seen.changes.length === 1 ? `One ${one}` : `${seen.changes.length} ${one}s`} would be new or changed
            </h2>
            <ul>
                {#each seen.changes.slice(0, 200) as change, index (index)}
                    <li class="border-t border-t-rule py-1">{change}</li>
                {/each}
            </ul>
        </section>
        <button class="do mt-3" type="submit" disabled={form.processing}>Take them in</button>
    {/if}
</form>
