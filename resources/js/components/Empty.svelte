<!-- What will be here, in a sentence, and the one thing to do. -->
<script lang="ts">
    import { inertia, page } from '@inertiajs/svelte';
    import { route } from '@/lib/address';

    interface Props {
        words: string;
        /** What only the manager can do about it. */
        action?: string;
        href?: string;
    }

    const { words, action = 'Take a commission', href = route('commissions.new') }: Props = $props();

    const manager = $derived(page.props.viewer?.manager ?? false);
</script>

<p class="py-4" data-empty>
    {words}
    {#if manager}<a class="act ml-2" use:inertia {href}>{action}</a>{/if}
</p>
