<!-- A day as people say it, or a day and its time; what is understood stands below, and a calendar opens beside it. -->
<script lang="ts">
    import { CalendarDays } from '@lucide/svelte';
    import { Asker } from '@/lib/ask';
    import { route } from '@/lib/address';
    import { fullDay } from '@/lib/time';

    interface Props {
        id: string;
        name: string;
        class: string;
        label: string;
        value: string;
        past: boolean;
        /** With the time of the day. */
        timed?: boolean;
        oninput?: () => void;
        'aria-invalid'?: 'true';
        'aria-describedby'?: string;
    }

    let { value = $bindable(''), label, past, timed = false, oninput, ...shared }: Props = $props();

    const ISO = /^(\d{4}-\d{2}-\d{2})(?:T(\d{2}:\d{2}))?$/;
    const words = (said: string): string => {
        const [, day, time] = ISO.exec(said) ?? [];
        return day === undefined ? said : [fullDay(`${day}T12:00:00Z`), time].filter(Boolean).join(' ');
    };

    let typed = $state<string | null>(null);
    let understood = $state('');
    let refused = $state('');
    let asked = '';
    let calendar = $state<HTMLInputElement>();

    const shown = $derived(typed ?? words(value));

    const asker = new Asker<object, { day: string | null; words: string }>(
        route('days'),
        (answer) => {
            understood = answer.day === null ? '' : answer.words;
            refused = answer.day === null ? answer.words : '';
            if (answer.day !== null && typed !== null && typed === asked) {
                value = answer.day;
            }
        },
        () => (understood = ''),
    );

    function write(text: string): void {
        typed = text;
        value = text;
        understood = '';
        refused = '';
        if (text.trim() !== '') {
            asked = text;
            asker.ask({ typed: text, past, timed }, 150);
        }
        oninput?.();
    }

    function choose(day: string): void {
        typed = null;
        understood = '';
        refused = '';
        // A day from the calendar keeps the time that stands in the field; without one it begins at eight.
        value = timed ? `${day}T${ISO.exec(value)?.[2] ?? '08:00'}` : day;
        oninput?.();
    }

    /** Once it is left, the field says the day in the shop's way. */
    function leave(): void {
        if (ISO.test(value)) {
            typed = null;
            understood = '';
        }
    }
</script>

<div class="grid grid-cols-[minmax(0,1fr)_auto] items-stretch">
    <input
        {...shared}
        type="text"
        autocomplete="off"
        placeholder={timed ? 'Fri 14:30' : '20 Mar, next Fri'}
        value={shown}
        oninput={(event) => write(event.currentTarget.value)}
        onblur={leave}
    />
    <button
        type="button"
        class="bg-shade border-b border-b-quiet px-2 text-accent cursor-pointer touch:min-w-[44px]"
        aria-label={`${label}: open the calendar`}
        onclick={() => calendar?.showPicker()}
    >
        <CalendarDays size={18} aria-hidden="true" />
    </button>
    <input
        bind:this={calendar}
        class="col-span-full h-0 w-0 opacity-0 pointer-events-none"
        type="date"
        tabindex="-1"
        aria-hidden="true"
        value={ISO.exec(value)?.[1] ?? ''}
        onchange={(event) => choose(event.currentTarget.value)}
    />
</div>
{#if understood}<p class="figure text-[0.8rem] text-quiet" role="status">{understood}</p>{/if}
{#if refused}<p class="text-[0.8rem] text-quiet" role="status">{refused}</p>{/if}
