<script lang="ts" module>
    import type { ShownValue } from '@/lib/props';
    const MARKS: Record<string, string> = { client: '●', house: '○', computed: '=', '': '' };
    const WORDS: Record<string, string> = {
        client: 'the client’s',
        house: 'the house’s',
        computed: 'computed',
        '': '',
    };
</script>

<script lang="ts">
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
