<script lang="ts">
    const { text, word = 'because' }: { text: string; word?: string } = $props();
</script>

<details class="text-[0.85rem]">
    <summary
        class="inline-block text-accent [text-decoration:underline] [text-underline-offset:3px] py-[0.15rem] px-0 touch:py-[0.7rem] touch:px-0"
        >{word}</summary
    >
    <p class="text-quiet max-w-136">{text}</p>
</details>
