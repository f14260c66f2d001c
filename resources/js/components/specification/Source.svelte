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

<span class="quiet text-center text-[0.8rem]" title={WORDS[source]}
    ><span class="text-center text-[0.8rem]" aria-hidden="true">{MARKS[source]}</span><span
        class="sr-only text-center text-[0.8rem]">{WORDS[source]}</span
    ></span
>
