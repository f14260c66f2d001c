<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import YearPages from '@/components/forecast/YearPages.svelte';
    import { route } from '@/lib/address';
    import type { HoursProps } from '@/lib/props';

    const props: HoursProps = $props();
    const short = (month: string): string =>
        new Intl.DateTimeFormat('en-GB', { month: 'short', timeZone: 'UTC' }).format(new Date(`${month}-15T00:00:00Z`));
</script>

<svelte:head><title>Hours by person {props.year} · Regimen</title></svelte:head>

<YearPages />
<h1>{props.people.length === 0 ? `No hours are recorded in ${props.year}` : `${props.total} in ${props.year}`}</h1>
<p class="quiet">
    What is recorded, by person and month: on instruments, on rework, and on what belongs to no instrument. For wages it
    counts as it stands here.
</p>
<p class="screen-only flex flex-wrap gap-4 mt-1">
    {#each props.years as year (year)}
        {#if year === props.year}<b>{year}</b>{:else}<a class="target" use:inertia href={route('hours', year)}>{year}</a
            >{/if}
    {/each}
    <a class="act" href={route('hours.file', props.year)}>Save as CSV</a>
</p>
{#if props.people.length > 0}
    <div class="overflow-x-auto">
        <table class="mt-3 w-full">
            <thead>
                <tr>
                    <th>Person</th>
                    {#each props.months as month (month)}<th class="text-right">{short(month)}</th>{/each}
                    <th class="text-right">All</th>
                </tr>
            </thead>
            <tbody>
                {#each props.people as person (person.name)}
                    <tr data-person={person.name}>
                        <td>
                            {person.name}
                            <span class="block small quiet"
                                >{person.kinds.map((one) => `${one.name} ${one.value}`).join(', ')}</span
                            >
                        </td>
                        {#each person.months as hours, index (index)}<td class="figure text-right whitespace-nowrap"
                                >{hours}</td
                            >{/each}
                        <td class="figure text-right whitespace-nowrap"><b>{person.total}</b></td>
                    </tr>
                {/each}
                <tr>
                    <td><b>together</b></td>
                    {#each props.totals as hours, index (index)}<td class="figure text-right whitespace-nowrap"
                            >{hours}</td
                        >{/each}
                    <td class="figure text-right whitespace-nowrap"><b>{props.total}</b></td>
                </tr>
            </tbody>
        </table>
    </div>
{/if}
