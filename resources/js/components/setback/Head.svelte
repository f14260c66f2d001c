<!-- What happened, to what, and what is in it so far. -->
<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import { labour, moment } from '@/lib/time';
    import { route } from '@/lib/address';
    import type { SetbackHead } from '@/lib/props';

    interface Props {
        setback: SetbackHead;
        /** How many ways on there are. */
        ways: number;
        manager: boolean;
    }

    const { setback, ways, manager }: Props = $props();

    const COUNTED = ['No way', 'One way', 'Two ways', 'Three ways', 'Four ways', 'Five ways', 'Six ways'];
    const said = $derived(`${COUNTED[ways] ?? `${ways} ways`} on`);
</script>

<div class="flex justify-between gap-6 items-start max-desk:flex-wrap">
    <div>
        <p class="small quiet">
            <a class="plain" use:inertia href={route('builds.show', setback.build)}
                ><b>{setback.build}</b> · {setback.title}</a
            >
            {setback.piece ? `· ${setback.piece}` : ''}
            {setback.operation ? `· ${setback.operation}` : ''} · told by {setback.by}, {moment(setback.at)}{setback
                .photographs.length > 0
                ? ', with a photograph'
                : ''}
        </p>
        <h1>{setback.text}</h1>
        <p class="quiet">
            {#if setback.lostMinutes > 0 || setback.lostMoney}
                Lost: <b class="figure text-ink">{labour(setback.lostMinutes)}</b>{#if setback.lostMoney}
                    , <b class="figure text-ink">{setback.lostMoney}</b> in the loss account{/if}.
            {/if}
            {#if setback.open && setback.atStakeMinutes > 0}
                In it so far: <b class="figure text-ink">{labour(setback.atStakeMinutes)}</b>
                {#if setback.atStakeMoney}and <b class="figure text-ink">{setback.atStakeMoney}</b> of timber and parts{/if}.
            {/if}
            {setback.open ? setback.joined : ''}
            {#if setback.open}
                {said}{manager ? ', each planned through the whole shop:' : ':'}{/if}
        </p>
    </div>
    {#if setback.photographs.length > 0}
        <p class="flex gap-3 flex-none">
            {#each setback.photographs as one (one)}
                <a href={route('photographs.one', one)}
                    ><img
                        class="h-28"
                        src={route('photographs.small', one)}
                        alt={`What went wrong: ${setback.text}`}
                    /></a
                >
            {/each}
        </p>
    {/if}
</div>
