<!-- The end that is not known yet: what is solid until half of the runs are over fades out until nearly all are. Once for each page that draws it. -->
<script lang="ts">
    const SOLID = 0.85;
</script>

<svg class="absolute" width="0" height="0" aria-hidden="true">
    <defs>
        <linearGradient id="fade" x1="0" x2="1" y1="0" y2="0">
            <stop offset="0" stop-opacity={SOLID} />
            <stop offset="1" stop-opacity="0" />
        </linearGradient>
    </defs>
</svg>

<style>
    stop {
        stop-color: var(--labour);
    }
</style>
