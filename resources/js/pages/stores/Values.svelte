<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import { route } from '@/lib/address';
    import type { ValuesProps } from '@/lib/props';

    const { headline, now, builds, months }: ValuesProps = $props();

    const name = (month: string): string =>
        new Date(`${month}-15T12:00:00Z`).toLocaleDateString('en-GB', {
            month: 'short',
            year: 'numeric',
            timeZone: 'UTC',
        });
    const quiet = (value: string): string => (Number(value.replaceAll(',', '')) === 0 ? '' : value);
</script>

<svelte:head><title>What the stores are worth · Regimen</title></svelte:head>

<p class="small quiet"><a use:inertia href={route('stores')}>Stores</a> · what it is worth</p>
<h1>{headline}</h1>
<p class="quiet">Everything at what it cost, by lot. Every month ends with its beginning and what came and went.</p>

<div class="grid grid-cols-2 gap-x-8 max-desk:grid-cols-1">
    <section class="sheet mt-[1.2rem]">
        <h2>Now</h2>
        <ul>
            {#each now as one (one.what)}
                <li class="border-t border-t-rule py-1 flex gap-3 items-baseline">
                    <span class="grow">{one.what} <span class="quiet small block">{one.because}</span></span>
                    <span class="figure">{one.value}</span>
                </li>
            {/each}
        </ul>
    </section>
    <section class="sheet mt-[1.2rem]">
        <h2>Bound in builds</h2>
        <ul>
            {#each builds as one (one.what)}
                <li class="border-t border-t-rule py-1 flex gap-3 items-baseline">
                    <a class="plain grow" use:inertia href={route('builds.show', Number(one.what))}
                        ><b class="figure">{one.what}</b> {one.because}</a
                    >
                    <span class="figure">{one.value}</span>
                </li>
            {:else}<li class="quiet">Nothing lies in a kit.</li>{/each}
        </ul>
    </section>
</div>

<section class="sheet mt-[1.2rem]">
    <h2>Parts month by month</h2>
    <div class="months">
        <table>
            <thead>
                <tr class="quiet small">
                    <th scope="col">month</th><th scope="col">at its beginning</th><th scope="col">came</th><th
                        scope="col">for builds</th
                    ><th scope="col">used in the shop</th><th scope="col">lost or found</th><th scope="col"
                        >sent back</th
                    ><th scope="col">at its end</th>
                </tr>
            </thead>
            <tbody>
                {#each months as one (one.month)}
                    <tr class="border-t border-t-rule">
                        <th scope="row">{name(one.month)}</th>
                        <td class="figure">{one.opening}</td>
                        <td class="figure">{quiet(one.came)}</td>
                        <td class="figure">{quiet(one.taken)}</td>
                        <td class="figure">{quiet(one.used)}</td>
                        <td class={['figure', one.lost.startsWith('-') && 'tight']}>{quiet(one.lost)}</td>
                        <td class="figure">{quiet(one.sentBack)}</td>
                        <td class="figure">{one.closing}</td>
                    </tr>
                {:else}
                    <tr><td class="quiet" colspan="8">Nothing has moved yet.</td></tr>
                {/each}
            </tbody>
        </table>
    </div>
</section>

<style>
    .months {
        overflow-x: auto;
    }

    table {
        width: 100%;
        min-width: 44rem;
    }

    th,
    td {
        padding: 0.2rem 0.6rem 0.2rem 0;
        text-align: right;
        font-weight: 400;
    }

    th:first-child {
        text-align: left;
    }
</style>
