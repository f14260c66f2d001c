<!-- Three sentences of help for whoever sees a page for the first time; gone for good once they are known. -->
<script lang="ts">
    import { page } from '@inertiajs/svelte';
    import { first } from './sentences';

    const KEY = 'regimen.known';
    const ALL = 'all';

    let known = $state(read());
    const sentences = $derived(
        known.includes(ALL) || known.includes(page.component) ? undefined : first[page.component],
    );

    function read(): string[] {
        try {
            return (localStorage.getItem(KEY) ?? '').split(' ').filter((one) => one !== '');
        } catch {
            return [ALL];
        }
    }

    function keep(component: string): void {
        known = [...known, component];
        try {
            localStorage.setItem(KEY, known.join(' '));
        } catch {
            // Where nothing can be kept they are offered again.
        }
    }
</script>

{#if sentences}
    {#key page.component}
        <details class="screen-only mb-2" data-first-visit>
            <summary class="small target text-accent underline underline-offset-2 cursor-pointer"
                >The first time here? Three sentences.</summary
            >
            <div class="border-l-4 border-l-accent pl-3 my-2 max-w-prose">
                {#each sentences as sentence (sentence)}<p>{sentence}</p>{/each}
                <p class="flex flex-wrap gap-3 mt-2">
                    <button class="act" type="button" onclick={() => keep(page.component)}>I know this page</button>
                    <button class="word" type="button" onclick={() => keep(ALL)}>I know them all</button>
                </p>
            </div>
        </details>
    {/key}
{/if}
