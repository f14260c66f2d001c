<script lang="ts">
    import Instrument from '@/components/Instrument.svelte';
    import type { HouseModelsProps } from '@/lib/props';
    import { route } from '@/lib/address';

    const { models }: HouseModelsProps = $props();
</script>

<svelte:head><title>House models · Regimen</title></svelte:head>

<h1>House models</h1>
<p class="quiet">
    A commission begins from one of these. What neither client nor model says is the house’s own way, and then the
    trade’s.
</p>
<p class="flex gap-[1.2rem] items-center my-[0.7rem]">
    <a class="do" href={route('house.models.new')}>New model</a> <a href={route('outlines')}>Body outlines</a>
    <a href={route('house')}>Back to the house</a>
</p>

<ul class="grid grid-cols-2 gap-y-0 gap-x-10 max-[68rem]:grid-cols-1">
    {#each models as model (model.id)}
        <li data-model={model.name}>
            <div class="h-26">
                {#if model.drawing}<Instrument
                        drawing={model.drawing}
                        words={`${model.name} from the front`}
                        strings
                    />{/if}
            </div>
            <div>
                <h2><a class="target" href={route('house.models.one', model.id)}>{model.name}</a></h2>
                <p class="quiet">{model.inOneLine}</p>
                {#if model.isDefault}<p class="small">What a {model.type} is when nothing else is said.</p>{/if}
                <p class="small flex gap-[1.2rem]">
                    <a href={route('house.models.new', { like: model.id })}>Copy</a>
                    <a href={route('house.models.new', { like: model.id, mirror: '1' })}>Mirror for the other hand</a>
                </p>
            </div>
        </li>
    {:else}
        <li><p class="quiet">None yet. Write the first one, or keep a build’s specification as one.</p></li>
    {/each}
</ul>

<style>
    li {
        display: grid;
        grid-template-columns: 17rem minmax(0, 1fr);
        gap: 1.2rem;
        align-items: center;
        border-top: 1px solid var(--rule);
        padding: 0.8rem 0;
    }
    @media (width < 40rem) {
        li {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
