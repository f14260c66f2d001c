<!-- What one way on would do to the plan of the whole shop, in a list of definitions. -->
<script lang="ts">
    import { calendarDay } from '@/lib/time';
    import type { RemedyTried } from '@/lib/props';

    /** Nothing while it is being planned; null where the server did not answer. */
    const { tried }: { tried: RemedyTried | null | undefined } = $props();
</script>

<dt>finish</dt>
{#if tried === undefined}
    <dd class="quiet">it is being planned</dd>
{:else if tried === null || tried.refused}
    <dd class="late">{tried?.refused ?? 'not planned: the server did not answer'}</dd>
{:else}
    <dd class="figure">
        {#if tried.before !== tried.after && tried.before}<span class="quiet">{calendarDay(tried.before)} →</span>{/if}
        {tried.after ? calendarDay(tried.after) : 'none'}
    </dd>
    <dt>promise</dt>
    <dd class:late={tried.late}>{tried.promise}</dd>
    <dt>others</dt>
    <dd class:late={tried.breaks} class:tight={!tried.breaks && tried.others.some((one) => one.includes('later'))}>
        {tried.others.length > 0 ? tried.others.join('; ') : 'nobody'}
    </dd>
    <dt>tell</dt>
    <dd>{tried.tell.length > 0 ? tried.tell.join('; ') : 'nobody'}</dd>
{/if}

<style>
    dt {
        color: var(--quiet);
        font-size: 0.85rem;
    }
</style>
