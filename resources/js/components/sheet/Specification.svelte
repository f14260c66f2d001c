<script lang="ts">
    import type { SpecificationSheet } from '@/lib/types';

    const { specification }: { specification: SpecificationSheet } = $props();
</script>

<section class="sheet" id="specification">
    <h2>Specification, revision {specification.revision}</h2>
    {#if specification.wishes}<p class="wishes">“{specification.wishes}”</p>{/if}
    <div class="groups">
        {#each specification.groups as group (group.name)}
            <div>
                <h3>{group.name}</h3>
                <dl>
                    {#each group.lines as line (line.name)}
                        <div>
                            <dt>{line.name}</dt>
                            {#if line.other === null}
                                <dd class="words">{line.value}</dd>
                            {:else}
                                <dd class="figure">{line.value}</dd>
                                <dd class="figure quiet small">{line.other}</dd>
                                <dd class="quiet" title={line.computed ? 'computed' : undefined}>{line.computed ? '=' : ''}</dd>
                            {/if}
                        </div>
                    {/each}
                </dl>
            </div>
        {/each}
    </div>
    <p class="quiet small">= computed from the other figures</p>
</section>

<style>
    section {
        margin-top: 1.5rem;
    }

    .groups {
        display: grid;
        grid-template-columns: repeat(3, minmax(0, 1fr));
        gap: 2rem;
        margin: 0.5rem 0;
    }

    .wishes {
        max-width: 46rem;
        font-style: italic;
    }

    dl div {
        display: grid;
        grid-template-columns: minmax(6rem, 1fr) auto 5.5rem 0.8rem;
        gap: 0.6rem;
        border-bottom: 1px solid var(--rule);
        padding: 0.25rem 0;
        align-items: baseline;
    }

    .words {
        grid-column: 2 / -1;
        padding-right: 1.4rem;
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
