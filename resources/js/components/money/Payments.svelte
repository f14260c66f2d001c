<!-- What came and went; what was entered wrongly is struck. -->
<script lang="ts">
    import BecauseForm from '@/components/clients/BecauseForm.svelte';
    import { route } from '@/lib/address';
    import { calendarDay } from '@/lib/time';
    import type { PaymentRow } from '@/lib/props';

    const { payments }: { payments: PaymentRow[] } = $props();
</script>

<ul>
    {#each payments as one (one.id)}
        <li class="border-b border-b-rule py-2" data-payment={one.id}>
            <div class={['flex gap-4', one.struck && 'line-through quiet']}>
                <span class="grow"
                    >{calendarDay(one.on)}
                    <span class="small quiet block"
                        >{one.how}{one.invoice ? `, for ${one.invoice}` : ', without an invoice'}</span
                    ></span
                >
                <span class="figure">{one.amount}</span>
            </div>
            {#if one.struck}<span class="small quiet">struck: {one.struck}</span>
            {:else}<div class="screen-only">
                    <BecauseForm words="Strike it" url={route('payments.strike', one.id)} version={0} />
                </div>{/if}
        </li>
    {:else}
        <li class="quiet py-2">Nothing was paid yet.</li>
    {/each}
</ul>
