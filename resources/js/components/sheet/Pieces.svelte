<!-- The build's pieces as things, and what went wrong on them. -->
<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import Tell from '@/components/setback/Tell.svelte';
    import { Act } from '@/lib/act.svelte';
    import { day, labour } from '@/lib/time';
    import { route } from '@/lib/address';
    import type { BuildPiece, SetbackLine, TellForm } from '@/lib/props';

    interface Props {
        build: number;
        pieces: BuildPiece[];
        setbacks: SetbackLine[];
        tell: TellForm | null;
    }

    const { build, pieces, setbacks, tell }: Props = $props();

    const act = new Act();
    let telling = $state(false);
</script>

<section class="sheet mt-4" id="pieces">
    <h2>Pieces</h2>
    {#each pieces as one (one.kind)}
        <p class="border-t border-t-rule py-1" data-piece-kind={one.kind}>
            <b>{one.kind}</b>
            <span class="figure">{one.done} of {one.all}</span> operations begun or done{one.minutes > 0
                ? `, ${labour(one.minutes)}`
                : ''}{one.from ? `; ${one.from}` : ''}
            <span class="quiet small">{one.joined}</span>
        </p>
    {:else}
        <p class="quiet">Its pieces stand here once it has a route.</p>
    {/each}
    <p class="small mt-2">
        <a class="inline-flex items-center min-h-(--target)" use:inertia href={route('pieces')}
            >Pieces in stock, and exchanging them</a
        >
    </p>
</section>

<section class="sheet mt-4">
    <h2>What went wrong</h2>
    {#each setbacks as one (one.id)}
        <p class="border-t border-t-rule py-1">
            <a class="inline-flex items-center min-h-(--target)" use:inertia href={route('setbacks.one', one.id)}
                >{one.text}</a
            >
            <span class="quiet small">{one.where ? `${one.where}, ` : ''}{one.by}, {day(one.at)}</span>
            <span class:late={one.state === 'open'}
                >{one.state === 'open' ? 'not decided' : one.decided || 'settled'}</span
            >
            {#if one.minutes > 0}<span class="figure small"
                    >{labour(one.minutes)} lost{one.money ? `, ${one.money}` : ''}</span
                >{/if}
        </p>
    {:else}
        <p class="quiet">Nothing so far.</p>
    {/each}
    {#if tell}
        <button
            class="act late mt-3 screen-only"
            type="button"
            aria-expanded={telling}
            onclick={() => (telling = !telling)}>Something is wrong</button
        >
        {#if telling}
            <div class="max-w-xl">
                <Tell
                    form={tell}
                    errors={act.errors}
                    busy={act.busy}
                    onsend={(said, photograph) =>
                        act.post(route('builds.setbacks', build), { ...said, ...(photograph ? { photograph } : {}) })}
                />
            </div>
        {/if}
    {/if}
</section>
