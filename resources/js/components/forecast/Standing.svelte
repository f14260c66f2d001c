<!-- Whether what stands here is of the plan in force. -->
<script lang="ts">
    import type { Act } from '@/lib/act.svelte';
    import { route } from '@/lib/address';
    import { moment } from '@/lib/time';
    import type { HelpState } from '@/lib/props';

    const { standing, madeAt, act }: { standing: HelpState; madeAt: string | null; act: Act } = $props();
</script>

{#if standing === 'trying' || standing === 'none'}
    <b role="status"
        >{madeAt ? 'The plan has changed since; its chances are being worked out.' : 'They are being worked out.'}</b
    >
{:else if standing === 'failed'}
    They could not be worked out; the log says why.
    <button class="act" type="button" disabled={act.busy} onclick={() => act.post(route('plan.chances'))}
        >Try again</button
    >
{:else if madeAt}Worked out {moment(madeAt)}.{/if}
