<script lang="ts">
    import { calendarDay } from '@/lib/time';

    interface Props {
        ranked: {
            words: string;
            kind: string;
            gains: { number: number; title: string; before: string; after: string; late: boolean }[];
        }[];
    }

    const { ranked }: Props = $props();

    const days = (gain: { before: string; after: string }): number =>
        Math.round((Date.parse(gain.before) - Date.parse(gain.after)) / 86_400_000);
    const late = $derived(ranked.filter((one) => one.gains.some((gain) => gain.late)).length);
    const heading = $derived(
        ranked.length === 0
            ? 'One more of anything would not help'
            : late > 0
              ? `${late === 1 ? 'One thing' : `${late} things`} would help a build that is late`
              : `${ranked.length === 1 ? 'One thing' : `${ranked.length} things`} would bring a build forward`,
    );
</script>

<svelte:head><title>What would help · Regimen</title></svelte:head>

<h1>{heading}</h1>
<p class="quiet">
    <a href="/horizon">Horizon</a>. Each of these was tried by planning the whole shop again; nothing is changed. One more of a station or a
    fixture, another skill for a person, an hour longer a day, a part a week earlier.
</p>

<ol>
    {#each ranked as one (one.words)}
        <li data-help={one.kind}>
            <b>{one.words}</b>
            <span>
                {#each one.gains as gain (gain.number)}
                    <span class={gain.late ? 'late' : ''}>
                        <a href={`/builds/${gain.number}`}>{gain.number} {gain.title}</a>
                        <span class="figure small">{days(gain)} {days(gain) === 1 ? 'day' : 'days'} sooner</span>
                        <span class="small quiet">{calendarDay(gain.before)} → {calendarDay(gain.after)}</span>
                    </span>
                {/each}
            </span>
        </li>
    {/each}
</ol>

<style>
    ol {
        margin-top: 1rem;
    }

    li {
        display: grid;
        grid-template-columns: 22rem minmax(0, 1fr);
        gap: 0.3rem 1.5rem;
        border-top: 1px solid var(--rule);
        padding: 0.5rem 0;
    }

    li > span > span {
        display: inline-block;
        margin-right: 1.4rem;
    }

    @media (width < 60rem) {
        li {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
