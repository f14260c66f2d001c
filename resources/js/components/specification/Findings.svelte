<script lang="ts">
    import { tick } from 'svelte';
    import Because from '@/components/Because.svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import type { ShownFinding } from '@/lib/props';

    interface Props {
        findings: ShownFinding[];
        onfix?: (changes: Record<string, string>) => void;
        onaccept?: (key: string, reason: string) => void;
        onfield?: (field: string) => void;
        error?: string | undefined;
    }

    const { findings, onfix, onaccept, onfield, error }: Props = $props();

    const WORDS = { stop: 'stop', warn: 'warning', note: 'note' } as const;
    let accepting = $state('');
    let reason = $state('');

    /** The finding that is being fixed: when it has gone, the focus goes to the one in its place. */
    let fixing = $state<{ key: string; place: number } | null>(null);
    let list = $state<HTMLElement>();

    $effect(() => {
        if (fixing === null || findings.some((one) => one.key === fixing?.key)) {
            return;
        }
        const { place } = fixing;
        fixing = null;
        void tick().then(() => {
            if (document.activeElement === document.body) {
                const left = list?.querySelectorAll('article') ?? [];
                (left[Math.min(place, left.length - 1)]?.querySelector('button') ?? list)?.focus();
            }
        });
    });

    function apply(key: string, place: number, changes: Record<string, string>): void {
        fixing = { key, place };
        onfix?.(changes);
    }
</script>

<div bind:this={list} tabindex="-1" class="[outline:none]">
    {#each findings as finding, place (finding.key)}
        <article class={[finding.severity, finding.accepted && 'accepted']} data-finding={finding.key}>
            <h3 class="text-[0.98rem] [line-height:1.2]">
                <span class="sr-only">{WORDS[finding.severity]}: </span>
                {#if onfield && finding.fields[0]}
                    <button type="button" onclick={() => onfield(finding.fields[0] ?? '')}>{finding.title}</button>
                {:else}{finding.title}{/if}
            </h3>
            <p>{finding.figures}</p>
            <Because text={finding.because} />
            {#if finding.accepted}
                <p class="small quiet">Accepted by {finding.accepted.by}: {finding.accepted.reason}</p>
            {:else}
                {#if onfix && finding.fixes.length > 0}
                    <p class="small flex flex-wrap gap-y-0 gap-x-[0.8rem]">
                        <span class="quiet">Fixes:</span>
                        {#each finding.fixes as fix (fix.words)}
                            <button class="word" type="button" onclick={() => apply(finding.key, place, fix.changes)}
                                >{fix.words}</button
                            >
                        {/each}
                    </p>
                {:else if finding.unfixed}
                    <p class="small quiet">{finding.unfixed}</p>
                {/if}
                {#if onaccept}
                    {#if accepting === finding.key}
                        <form
                            class="py-[0.3rem] px-0"
                            onsubmit={(event) => {
                                event.preventDefault();
                                onaccept(finding.key, reason);
                            }}
                        >
                            <label class="small quiet" for={`reason-${finding.key}`}>Accepted, because</label>
                            <textarea class="field" id={`reason-${finding.key}`} rows={2} bind:value={reason}
                            ></textarea>
                            <button class="act" type="submit">Accept</button>
                            <button class="word small" type="button" onclick={() => (accepting = '')}>Cancel</button>
                            <ErrorLine text={error} />
                        </form>
                    {:else}
                        <button
                            class="word small"
                            type="button"
                            onclick={() => {
                                accepting = finding.key;
                                reason = '';
                            }}>Accept with a reason</button
                        >
                    {/if}
                {/if}
            {/if}
        </article>
    {:else}
        <p class="quiet">No findings.</p>
    {/each}
</div>

<style>
    article {
        border-left: 5px solid var(--ink);
        padding: 0 0 0.1rem 0.7rem;
        margin-bottom: 0.85rem;
        font-size: 0.92rem;
    }

    .stop {
        border-color: var(--rust);
    }

    .warn {
        border-color: var(--ochre);
    }

    .accepted {
        border-left-style: dotted;
    }

    h3 button {
        text-align: left;
        font: inherit;
        cursor: pointer;
        color: inherit;
        min-height: var(--target);
    }

    h3 button:hover {
        text-decoration: underline;
        text-underline-offset: 3px;
    }

    form .word {
        margin-left: 0.8rem;
    }
</style>
