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
<p class="acts">
    <a class="do" href={route('house.models.new')}>New model</a> <a href={route('house')}>Back to the house</a>
</p>

<ul>
    {#each models as model (model.id)}
        <li data-model={model.name}>
            <div class="drawn">
                {#if model.drawing}<Instrument
                        drawing={model.drawing}
                        words={`${model.name} from the front`}
                        strings
                    />{/if}
            </div>
            <div>
                <h2><a href={route('house.models.one', model.id)}>{model.name}</a></h2>
                <p class="quiet">{model.inOneLine}</p>
                {#if model.isDefault}<p class="small">What a {model.type} is when nothing else is said.</p>{/if}
                <p class="small links">
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
    .acts {
        display: flex;
        gap: 1.2rem;
        align-items: center;
        margin: 0.7rem 0;
    }

    ul {
        display: grid;
        grid-template-columns: repeat(2, minmax(0, 1fr));
        gap: 0 2.5rem;
    }

    li {
        display: grid;
        grid-template-columns: 17rem minmax(0, 1fr);
        gap: 1.2rem;
        align-items: center;
        border-top: 1px solid var(--rule);
        padding: 0.8rem 0;
    }

    .drawn {
        height: 6.5rem;
    }

    .links {
        display: flex;
        gap: 1.2rem;
    }

    @media (width < 68rem) {
        ul {
            grid-template-columns: minmax(0, 1fr);
        }
    }

    @media (width < 40rem) {
        li {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
