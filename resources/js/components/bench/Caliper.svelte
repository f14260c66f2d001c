<script lang="ts">
    import { route } from '@/lib/address';
    import { ask } from '@/lib/ask';

    interface Props {
        operation: number;
        line: string;
        place: string;
        /** What it types, with its return. */
        ontyped: (typed: string) => void;
    }

    const { operation, line, place, ontyped }: Props = $props();

    let shown = $state('0.00');
    let unit = $state('mm');

    async function press(key: 'unit' | 'zero' | 'read'): Promise<void> {
        const answer = await ask<{ shown: string; unit: string; typed: string }>(route('caliper', operation), {
            key,
            line,
            place,
        });
        if (answer) {
            [shown, unit] = [answer.shown, answer.unit];
            if (key === 'read') {
                ontyped(answer.typed);
            }
        }
    }
</script>

<section class="mt-4 border-t border-rule pt-2" aria-label="Simulated caliper">
    <p class="small quiet">
        A caliper that is plugged in types into the frame. Here is one to try it with: it wavers, and slips at times.
    </p>
    <p class="flex gap-3 items-center flex-wrap">
        <output class="figure border border-ink px-3 py-1 min-w-28 text-right">{shown} {unit}</output>
        <button class="act" type="button" onclick={() => press('unit')}>mm / in</button>
        <button class="act" type="button" onclick={() => press('zero')}>Zero</button>
        <button class="act" type="button" onclick={() => press('read')}>Read</button>
    </p>
</section>
