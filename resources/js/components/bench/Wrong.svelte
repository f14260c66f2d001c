<!-- What somebody has told is wrong, until it is decided. -->
<script lang="ts">
    import { inertia } from '@inertiajs/svelte';
    import { when } from '@/lib/bench';
    import { route } from '@/lib/address';
    import type { WrongNote } from '@/lib/props';

    const { note }: { note: WrongNote } = $props();
</script>

<p class="border-l-4 border-l-rust pl-3 my-2" data-wrong={note.id}>
    <b>{note.build}</b>{note.where ? ` ${note.where}` : ''}: {note.text}
    <span class="quiet small">{note.by}, {when(note.at)}</span>
    <a class="act ml-2" use:inertia href={route('setbacks.one', note.id)}>What can be done</a>
</p>
