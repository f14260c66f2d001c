<!-- The five marks, explained once at the foot of a picture in time. -->
<script lang="ts">
    const MARKS = [
        { shape: 'solid', words: 'labour' },
        { shape: 'hatched', words: 'hold' },
        { shape: 'open', words: 'waiting' },
        { shape: 'ring', words: 'gate' },
    ];
</script>

<p class="small quiet">
    {#each MARKS as mark (mark.shape)}
        <span><i class={mark.shape}></i>{mark.words}</span>
    {/each}
    <span><svg viewBox="0 0 12 14" aria-hidden="true"><path d="M2 0V14M2 1L11 4L2 7.5" /></svg>promise</span>
    <span>three thin layers: neck, fretboard, body; one thick: the instrument</span>
</p>

<style>
    p {
        display: flex;
        flex-wrap: wrap;
        gap: 0.2rem 1.3rem;
        margin-top: 0.8rem;
    }

    span {
        display: inline-flex;
        align-items: center;
        gap: 0.4rem;
    }

    i {
        display: inline-block;
        width: 1.5rem;
        height: 0.6rem;
    }

    .solid {
        background: var(--labour);
    }

    .hatched {
        border: 1px solid var(--labour);
        background: repeating-linear-gradient(-45deg, var(--labour) 0 1px, transparent 1px 4px);
    }

    .open {
        border: 1px dashed var(--labour);
    }

    .ring {
        width: 0.7rem;
        height: 0.7rem;
        border: 1.5px solid var(--labour);
        border-radius: 50%;
    }

    svg {
        width: 0.7rem;
        height: 0.9rem;
        stroke: var(--ink);
        fill: var(--ink);
    }
</style>
