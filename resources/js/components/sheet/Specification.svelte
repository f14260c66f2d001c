<script lang="ts">
    import Source from '@/components/specification/Source.svelte';
    import type { SpecificationSheet } from '@/lib/props';
    import { route } from '@/lib/address';

    interface Props {
        specification: SpecificationSheet;
        build: number;
        draft: number | null;
        manager: boolean;
    }

    const { specification, build, draft, manager }: Props = $props();
</script>

<section class="sheet mt-6" id="specification">
    <h2>Specification, revision {specification.revision}{specification.released ? '' : ', not released'}</h2>
    <p class="screen-only flex flex-wrap gap-y-[0.3rem] gap-x-[1.4rem]">
        <a class="target" href={route('specification', [build, specification.revision])}>Open the specification</a>
        {#if draft !== null && draft !== specification.revision}
            <a href={route('specification', build)}>Revision {draft} is being written</a>
            {#if manager}<a href={route('builds.revisions', build)}>What it would change</a>{/if}
        {/if}
    </p>
    {#if specification.wishes}<p class="[white-space:pre-line] max-w-184 [font-style:italic]">
            “{specification.wishes}”
        </p>{/if}
    <div class="groups">
        {#each specification.groups as group (group.name)}
            <div>
                <h3>{group.name}</h3>
                <dl>
                    {#each group.lines as line (line.name)}
                        <div>
                            <dt>{line.name}</dt>
                            {#if line.other === null}
                                <dd class="[grid-column:2_/_-1] pr-[1.4rem]">{line.value}</dd>
                            {:else}
                                <dd class="figure">{line.value}</dd>
                                <dd class="figure quiet small">{line.other}</dd>
                                <dd><Source source={line.source} /></dd>
                            {/if}
                        </div>
                    {/each}
                </dl>
            </div>
        {/each}
    </div>
    <p class="quiet small">● client ○ house = computed</p>
</section>

<style>
    .groups {
        display: grid;
        grid-template-columns: repeat(3, minmax(0, 1fr));
        gap: 2rem;
        margin: 0.5rem 0;
    }

    dl div {
        display: grid;
        grid-template-columns: minmax(6rem, 1fr) auto 5.5rem 0.8rem;
        gap: 0.6rem;
        border-bottom: 1px solid var(--rule);
        padding: 0.25rem 0;
        align-items: baseline;
    }

    dd {
        text-align: right;
        font-size: 0.92rem;
    }
    @media (width < 60rem) {
        .groups {
            grid-template-columns: minmax(0, 1fr);
            gap: 1rem;
        }
    }
</style>
