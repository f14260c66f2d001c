<script lang="ts">
    import { Act } from '@/lib/act.svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import { route } from '@/lib/address';
    import type { BenchList } from '@/lib/props';

    const { list, operation }: { list: BenchList; operation: number } = $props();

    const act = new Act();
    const done = $derived(list.items.filter((item) => item.by !== '').length);
    let open = $state(false);
</script>

<section class="border-t border-rule pt-2">
    <button
        class="word w-full text-left min-h-[2.75rem]"
        type="button"
        aria-expanded={open}
        onclick={() => (open = !open)}
    >
        <b>{list.title}</b> <span class="figure">{done} of {list.items.length}</span>
    </button>
    <ErrorLine text={act.other()} />
    {#if open}
        <ul>
            {#each list.items as item (item.item)}
                <li>
                    <label class="flex gap-3 items-center min-h-[2.75rem] cursor-pointer">
                        <input
                            class="w-6 h-6 flex-none"
                            type="checkbox"
                            checked={item.by !== ''}
                            disabled={act.busy}
                            onchange={(event) =>
                                act.post(route('operations.ticks', operation), {
                                    list: list.key,
                                    item: item.item,
                                    ticked: event.currentTarget.checked,
                                })}
                        />
                        <span
                            >{item.item}{#if item.by}<span class="quiet small">, {item.by}</span>{/if}</span
                        >
                    </label>
                </li>
            {/each}
        </ul>
    {/if}
</section>
