<!-- A promise in a picture in time. -->
<script lang="ts">
    interface Props {
        x: number;
        top: number;
        bottom: number;
        tone: string;
        words: string;
    }

    const { x, top, bottom, tone, words }: Props = $props();
</script>

<g class={tone} transform={`translate(${Math.round(x)} 0)`}>
    <path d={`M0 ${top} V${bottom}`} />
    <path class="cloth" d={`M0 ${top} L12 ${top + 4} L0 ${top + 9} Z`} />
    <title>{words}</title>
</g>

<style>
    path {
        stroke: var(--ink);
        stroke-width: 2;
        fill: none;
    }

    .cloth {
        fill: var(--ink);
        stroke: none;
    }

    .late path {
        stroke: var(--rust);
    }

    .late .cloth {
        fill: var(--rust);
    }

    .tight path {
        stroke: var(--ochre);
    }

    .tight .cloth {
        fill: var(--ochre);
    }
</style>
