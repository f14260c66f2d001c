<!-- Figures as they were drawn and as they were measured, side by side. -->
<script lang="ts">
    import type { Changed } from '@/lib/props';

    const { changed }: { changed: Changed[] } = $props();
</script>

{#if changed.length > 0}
    <table class="small">
        <thead><tr><th>figure</th><th>as drawn</th><th>as measured</th></tr></thead>
        <tbody>
            {#each changed as one (one.name)}
                <tr><td>{one.name}</td><td class="figure">{one.drawn}</td><td class="figure">{one.measured}</td></tr>
            {/each}
        </tbody>
    </table>
{/if}
