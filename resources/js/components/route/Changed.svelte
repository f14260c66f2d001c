<script lang="ts">
    import type { Act } from '@/lib/act.svelte';
    import { day } from '@/lib/time';
    import type { RouteChangeLine } from '@/lib/props';
    import { route } from '@/lib/address';

    interface Props {
        changes: RouteChangeLine[];
        editable: boolean;
        version: number;
        build: number;
        act: Act;
    }

    const { changes, editable, version, build, act }: Props = $props();
</script>

{#if changes.length > 0}
    <section class="sheet mt-[1.2rem]" id="changes">
        <h2>Changed on this build</h2>
        <ul>
            {#each changes as one (one.id)}
                <li class="change flex justify-between gap-4 border-t border-t-rule py-[0.35rem]">
                    <span>
                        {one.words}
                        <span class="small quiet"
                            >{day(one.at)}{one.by ? ` by ${one.by}` : ''}{one.reason ? `: ${one.reason}` : ''}</span
                        >
                        {#if one.left}<span class="late"
                                >Not carried over: {one.left} Undo it, or change the route so that it fits again.</span
                            >{/if}
                    </span>
                    {#if editable}<button
                            class="word"
                            type="button"
                            disabled={act.busy}
                            onclick={() =>
                                act.send('delete', route('builds.route.changes.one', [build, one.id]), {
                                    version: version,
                                })}>undo</button
                        >{/if}
                </li>
            {/each}
        </ul>
    </section>
{/if}

<style>
    .change .late {
        display: block;
    }
</style>
