<script lang="ts">
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { day } from '@/lib/time';
    import { route } from '@/lib/address';
    import type { UnderHand } from '@/lib/props';

    const { now }: { now: UnderHand } = $props();

    const act = new Act();
    let writing = $state(false);
    let text = $state('');
    let picture = $state<File | null>(null);

    function begin(): void {
        text = now.instruction?.text ?? '';
        writing = !writing;
    }

    function save(event: SubmitEvent): void {
        event.preventDefault();
        act.post(
            route('operations.instruction', now.id),
            { text, seen: now.instruction?.version ?? 0, ...(picture ? { photograph: picture } : {}) },
            () => {
                writing = false;
                picture = null;
            },
        );
    }
</script>

<section class="my-2" aria-label="How this house does it">
    {#if now.instruction}
        <p class="whitespace-pre-line">{now.instruction.text}</p>
        {#each now.instruction.photographs as photograph (photograph)}
            <img
                class="max-w-full my-2"
                src={route('photographs.one', photograph)}
                alt={`How this house does it, ${now.name}`}
            />
        {/each}
        <p class="small quiet">{now.instruction.by}, {day(now.instruction.at)}, version {now.instruction.version}</p>
    {/if}
    {#each now.wrong as one, index (index)}
        <p class="small tight">No. {one.build}, {day(one.at)}: {one.words} <span class="quiet">{one.by}</span></p>
    {/each}
    <button class="word" type="button" aria-expanded={writing} onclick={begin}
        >{now.instruction ? 'Change how we do it' : 'Write how we do it'}</button
    >
    {#if writing}
        <form onsubmit={save}>
            <Field
                name="text"
                label="Fence, bit, jig, sequence, trick"
                type="textarea"
                rows={4}
                bind:value={text}
                error={act.errors.text}
            />
            <p class="flex gap-3 mt-2 flex-wrap">
                <button class="do" type="submit" disabled={act.busy}>Save</button>
                <label class="act cursor-pointer">
                    {picture ? picture.name : 'With a picture'}
                    <input
                        class="sr-only"
                        type="file"
                        accept="image/jpeg,image/png,image/webp"
                        onchange={(event) => (picture = event.currentTarget.files?.[0] ?? null)}
                    />
                </label>
            </p>
            <ErrorLine text={act.errors.photograph ?? act.other('text', 'photograph')} />
        </form>
    {/if}
</section>
