<!-- Pictures that came with an enquiry. -->
<script lang="ts">
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';
    import type { PictureLine } from '@/lib/props';

    const { enquiry, pictures, open }: { enquiry: number; pictures: PictureLine[]; open: boolean } = $props();

    const act = new Act();
    let caption = $state('');

    function send(file: File | undefined): void {
        if (file) {
            act.post(route('enquiries.pictures', enquiry), { photograph: file, caption }, () => (caption = ''));
        }
    }
</script>

<section class="mt-4" aria-label="Pictures">
    {#if pictures.length > 0}
        <ol class="flex gap-4 overflow-x-auto pb-2">
            {#each pictures as one (one.id)}
                <li class="flex-none" data-picture={one.id}>
                    <a href={route('photographs.one', one.id)}>
                        <img
                            class="h-32 w-auto"
                            src={route('photographs.small', one.id)}
                            width={one.width}
                            height={one.height}
                            loading="lazy"
                            alt={one.caption || `picture ${one.id}`}
                        />
                    </a>
                    <p class="small quiet">{one.caption}</p>
                </li>
            {/each}
        </ol>
    {/if}
    {#if open}
        <div class="flex gap-3 items-end flex-wrap mt-2 screen-only">
            <Field name="caption" label="What a picture shows" bind:value={caption} error={act.errors.caption} />
            <label class="act justify-center cursor-pointer">
                Add a picture of theirs
                <input
                    class="sr-only"
                    type="file"
                    name="photograph"
                    accept="image/jpeg,image/png,image/webp"
                    onchange={(event) => send(event.currentTarget.files?.[0])}
                />
            </label>
        </div>
        <ErrorLine text={act.errors.photograph ?? act.other('caption', 'photograph')} />
    {/if}
</section>
