import { usePoll } from '@inertiajs/svelte';
import { Act } from '@/lib/act.svelte';
import { route } from '@/lib/address';
import type { HelpState } from '@/lib/props';

/**
 * Looking changes nothing: chances that were not worked out for this plan yet are asked for once the page is there, and looked
 * for until they are.
 */
export function asking(standing: () => HelpState, busy: () => boolean = () => false): Act {
    const poll = usePoll(1500, {}, { autoStart: false });
    const act = new Act();
    $effect(() => {
        if (standing() === 'trying' || busy()) {
            poll.start();
        } else {
            poll.stop();
        }
    });
    $effect(() => {
        if (standing() === 'none' && !act.busy) {
            act.post(route('plan.chances'));
        }
    });
    return act;
}
