<script lang="ts" module>
    const MARKS = { client: '●', house: '○', computed: '=', '': '' } as const;
    const WORDS = { client: 'the client’s', house: 'the house’s', computed: 'computed', '': '' } as const;
</script>

<script lang="ts">
    import type { ShownValue } from '@/lib/types';

    const { source }: { source: ShownValue['source'] } = $props();
</script>

<span class="quiet" title={WORDS[source]}
    ><span aria-hidden="true">{MARKS[source]}</span><span class="sr-only">{WORDS[source]}</span></span
>

<style>
    span {
        text-align: center;
        font-size: 0.8rem;
    }
</style>
