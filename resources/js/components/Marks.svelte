<!-- The five marks, explained once at the foot of a picture in time. -->
<script lang="ts">
    import Mark from '@/components/Mark.svelte';

    const MARKS = [
        { kind: 'labour', words: 'labour' },
        { kind: 'hold', words: 'hold' },
        { kind: 'wait', words: 'waiting' },
        { kind: 'gate', words: 'gate' },
        { kind: 'promise', words: 'promise' },
    ] as const;
</script>

<p class="small quiet flex flex-wrap gap-y-[0.2rem] gap-x-[1.3rem] mt-[0.8rem]">
    {#each MARKS as mark (mark.kind)}
        <span><Mark kind={mark.kind} />{mark.words}</span>
    {/each}
    <span>three thin layers: neck, fretboard, body; one thick: the instrument</span>
</p>

<style>
    span {
        display: inline-flex;
        align-items: center;
        gap: 0.4rem;
    }
</style>
