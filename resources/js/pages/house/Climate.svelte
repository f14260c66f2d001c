<script lang="ts">
    import { page, router } from '@inertiajs/svelte';
    import Field from '@/components/Field.svelte';
    import FileField from '@/components/FileField.svelte';
    import { Axis } from '@/lib/axis';
    import { Act } from '@/lib/act.svelte';
    import { moment, shortDay } from '@/lib/time';
    import type { ClimateProps } from '@/lib/props';
    import { route } from '@/lib/address';

    const { readings, since, now, forbids, factor, isStretched, limits }: ClimateProps = $props();

    const manager = $derived(page.props.viewer?.manager ?? false);
    const act = new Act();
    let temperature = $state('');
    let humidity = $state('');
    let width = $state(1000);
    let fileError = $state('');
    const HEIGHT = 150;

    const DAY = 86_400_000;
    const begin = $derived(Date.parse(since));
    const end = $derived(Date.parse(readings.at(-1)?.at ?? since) || begin);
    const time = $derived(new Axis(begin, Math.max(end, begin + DAY), 34, width - 10));
    const days = $derived(Array.from({ length: 6 }, (_, index) => begin + (index * Math.max(end - begin, DAY)) / 6));
    const charts = $derived([
        {
            name: '°C',
            of: (one: (typeof readings)[number]) => one.temperature,
            scale: new Axis(5, 32, HEIGHT - 18, 26),
            limit: limits.coldest,
            words: 'coldest the house sprays in',
        },
        {
            name: '%',
            of: (one: (typeof readings)[number]) => one.humidity,
            scale: new Axis(20, 90, HEIGHT - 18, 26),
            limit: limits.dampest,
            words: 'dampest the house sprays in',
        },
    ]);
    const heading = $derived(
        forbids !== null
            ? `It is ${forbids}`
            : now === null
              ? 'The air has not been read lately'
              : `${now.temperature} °C and ${now.humidity} % in the shop`,
    );

    function send(file: File): void {
        router.post(
            route('climate.import'),
            { file },
            {
                preserveScroll: true,
                onError: (errors) => (fileError = errors.file ?? ''),
                onSuccess: () => (fileError = ''),
            },
        );
    }
</script>

<svelte:head><title>Air of the shop · Regimen</title></svelte:head>

<h1>{heading}</h1>
<p class="quiet">
    {now ? `Read ${moment(now.at)}, ${now.source}. ` : ''}{isStretched
        ? `Over the last three days it was so cold that glue and finish hold ${factor} times as long as at 20 °C.`
        : 'Glue and finish hold as long as the house standards say; warmth shortens nothing.'}
    Spraying waits while it is colder or damper than the house’s limits. Data sheets come first.
</p>

<form
    class="flex flex-wrap gap-y-[0.6rem] gap-x-4 items-end mt-[0.9rem] mx-0 mb-[1.2rem]"
    onsubmit={(event) => {
        event.preventDefault();
        act.post(route('climate'), { temperature, humidity }, () => (temperature = humidity = ''));
    }}
    novalidate
>
    <Field name="temperature" label="Temperature, °C" bind:value={temperature} error={act.errors.temperature} />
    <Field name="humidity" label="Relative humidity, %" bind:value={humidity} error={act.errors.humidity} />
    <button class="do" type="submit" disabled={act.busy}>Save this reading</button>
    <button class="act" type="button" disabled={act.busy} onclick={() => act.post(route('climate.sensor'))}
        >Read the sensor</button
    >
    <a class="act" href={route('climate.file')}>All readings, CSV</a>
    {#if manager}
        <FileField words="Import readings from a CSV" accept={['.csv', 'text/csv']} error={fileError} onfile={send} />
        <p class="small quiet [flex-basis:100%]">
            Columns: time as 2026-03-18 09:12, temperature in °C, humidity in %.
        </p>
    {/if}
</form>

<div bind:clientWidth={width}>
    {#each charts as chart (chart.name)}
        <svg
            class="block mb-[0.8rem]"
            {width}
            height={HEIGHT}
            role="img"
            aria-label={`${chart.name} over the last six weeks`}
        >
            <text x="0" y="14" class="axis">{chart.name}</text>
            {#each chart.scale.ticks(4) as tick (tick)}
                <text x="0" y={chart.scale.x(tick) + 4} class="axis">{tick}</text>
                <line x1="34" x2={width} y1={chart.scale.x(tick)} y2={chart.scale.x(tick)} class="stroke-rule" />
            {/each}
            <line x1="34" x2={width} y1={chart.scale.x(chart.limit)} y2={chart.scale.x(chart.limit)} class="limit" />
            <text x={width - 4} y={chart.scale.x(chart.limit) - 4} class="axis end">{chart.words}, {chart.limit}</text>
            <polyline
                class="[fill:none] stroke-ink [stroke-width:1.5]"
                points={readings
                    .map((one) => `${time.x(Date.parse(one.at))},${chart.scale.x(chart.of(one))}`)
                    .join(' ')}
            />
            {#each days as tick (tick)}<text x={time.x(tick)} y={HEIGHT - 3} class="axis"
                    >{shortDay(new Date(tick))}</text
                >{/each}
        </svg>
    {/each}
</div>

<style>
    .axis {
        font-size: 0.75rem;
        fill: var(--quiet);
    }

    .end {
        text-anchor: end;
    }

    .limit {
        stroke: var(--ochre);
        stroke-dasharray: 5 3;
    }
</style>
