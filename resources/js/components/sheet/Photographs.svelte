<!-- A build's photographs as a strip in time; those for the client are marked. -->
<script lang="ts">
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { day } from '@/lib/time';
    import { route } from '@/lib/address';
    import type { PhotographLine, SheetOperation } from '@/lib/props';

    interface Props {
        photographs: PhotographLine[];
        operations: SheetOperation[];
        manager: boolean;
    }

    const { photographs, operations, manager }: Props = $props();

    const act = new Act();
    let at = $state('');
    let caption = $state('');
    const begun = $derived(operations.filter((one) => one.state !== 'open').reverse());
    const where = $derived(at === '' ? String(begun[0]?.id ?? operations[0]?.id ?? '') : at);
    const OF: Record<string, string> = { gate: 'at the gate', setback: 'of what went wrong', operation: '' };

    function send(file: File | undefined): void {
        if (file && where !== '') {
            act.post(
                route('operations.photographs', Number(where)),
                { photograph: file, caption },
                () => (caption = ''),
            );
        }
    }
</script>

<section class="sheet mt-4" id="photographs">
    <h2>Photographs</h2>
    {#if photographs.length > 0}
        <ol class="strip" aria-label="In the order in which they were taken">
            {#each photographs as one (one.id)}
                <li class:client={one.client} data-photograph={one.id}>
                    <a href={route('photographs.one', one.id)}>
                        <img
                            src={route('photographs.small', one.id)}
                            width={one.width}
                            height={one.height}
                            loading="lazy"
                            alt={one.caption || `${one.operation}, photograph ${one.id}`}
                        />
                    </a>
                    <p class="small"><span class="figure">{day(one.at)}</span> {one.by}</p>
                    <p class="small quiet">
                        {[one.caption || one.operation, OF[one.of] ?? ''].filter(Boolean).join(' · ')}
                    </p>
                    {#if manager}
                        <label class="small inline-flex gap-2 items-center min-h-[2.75rem] cursor-pointer">
                            <input
                                type="checkbox"
                                checked={one.client}
                                disabled={act.busy}
                                onchange={(event) =>
                                    act.send('put', route('photographs.update', one.id), {
                                        version: one.version,
                                        client: event.currentTarget.checked,
                                    })}
                            /> for the client
                        </label>
                    {:else if one.client}<p class="small">for the client</p>{/if}
                </li>
            {/each}
        </ol>
    {:else}
        <p class="quiet py-2">No photograph yet. Take one at the bench, or choose a file here.</p>
    {/if}
    {#if operations.length > 0}
        <div class="flex gap-3 items-end flex-wrap mt-3 screen-only">
            <div class="w-64">
                <Field
                    name="at"
                    label="At which operation"
                    options={operations.map((one) => ({ value: String(one.id), words: one.name }))}
                    bind:value={() => where, (value) => (at = value)}
                />
            </div>
            <div class="w-64">
                <Field name="caption" label="What it shows" bind:value={caption} error={act.errors.caption} />
            </div>
            <label class="act justify-center cursor-pointer">
                Choose a photograph
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

<style>
    .strip {
        display: flex;
        gap: 1rem;
        overflow-x: auto;
        padding-bottom: 0.5rem;
    }

    .strip li {
        flex: 0 0 13rem;
        border-top: 3px solid transparent;
        padding-top: 0.4rem;
    }

    .strip .client {
        border-color: var(--accent);
    }

    img {
        width: 13rem;
        height: 9.75rem;
        object-fit: cover;
    }
</style>
