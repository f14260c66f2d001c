<!-- A part that has not come on its day: what waits for it, and what would help. -->
<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import { Act } from '@/lib/act.svelte';
    import { amount } from '@/lib/amount';
    import { calendarDay } from '@/lib/time';
    import { route } from '@/lib/address';
    import type { LatePart } from '@/lib/props';

    const { late, manager }: { late: LatePart; manager: boolean } = $props();

    const act = new Act();
</script>

<li
    class="border-t border-t-rule py-2 grid grid-cols-[minmax(0,1fr)_minmax(0,1.2fr)] gap-x-8 gap-y-1 max-desk:grid-cols-1"
    data-late={late.name}
>
    <div>
        <p>
            <b>{late.name}</b> <span class="quiet">{amount(late.quantity, late.unit)}</span>
            for
            <a class="plain" use:inertia href={route('builds.show', late.build)}
                ><b class="figure">{late.build}</b> {late.title}</a
            >
        </p>
        <p>
            <span class="late">was to come {calendarDay(late.expectedOn)}, likely now {calendarDay(late.likelyOn)}</span
            >{#if late.order}<span class="quiet"
                    >, it is in <a class="inline" use:inertia href={route('stores.orders.one', late.order)}
                        >order {late.order}</a
                    ></span
                >{/if}
        </p>
        <p class="small quiet">{late.because}</p>
        <p class={['small', late.breaks && 'late']}>{late.endangers}</p>
    </div>
    <div>
        {#if late.helps.length === 0}
            <p class="quiet">
                Nothing is known that would bring it sooner: no other supplier, none in stock, none in another kit.
            </p>
        {/if}
        <ul>
            {#each late.helps as help, index (index)}
                {@const change = help.change}
                <li class="flex flex-wrap gap-x-4 gap-y-1 items-center justify-between py-1">
                    <span class="grow">{help.words}</span>
                    {#if help.part !== null}
                        {@const part = help.part}
                        <button
                            class="do"
                            type="button"
                            disabled={act.busy}
                            onclick={() =>
                                act.post(route('kit.from-stock', late.line), {
                                    version: late.version,
                                    part,
                                    quantity: String(late.quantity),
                                })}>Take it</button
                        >
                    {:else if manager && change}
                        <button
                            class="act"
                            type="button"
                            disabled={act.busy}
                            aria-label={`Try it: ${help.words}`}
                            onclick={() =>
                                act.post(route('plan.try.with'), { name: help.words.slice(0, 60), changes: [change] })}
                            >Try it</button
                        >
                    {/if}
                </li>
            {/each}
        </ul>
        <ErrorLine text={act.other()} />
    </div>
</li>
