<!-- The hatching of holds, once for each page that draws them. -->
<script lang="ts">
    const PITCH = 5;
</script>

<svg class="absolute" width="0" height="0" aria-hidden="true">
    <defs>
        <pattern id="hatch" width={PITCH} height={PITCH} patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
            <rect width={PITCH} height={PITCH} class="fill-paper" />
            <line x1="0" y1="0" x2={PITCH} y2="0" class="stroke-labour [stroke-width:1.4]" />
        </pattern>
    </defs>
</svg>
