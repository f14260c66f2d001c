<script lang="ts">
    import { router } from '@inertiajs/svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { since } from '@/lib/bench';
    import { presses } from '@/lib/presses.svelte';
    import { clock, labour } from '@/lib/time';
    import { route } from '@/lib/address';
    import type { AwayOption, UnderHand } from '@/lib/props';
    import Tell from '@/components/setback/Tell.svelte';
    import Knuckle from './Knuckle.svelte';

    interface Props {
        now: UnderHand;
        reasons: AwayOption[];
        person: number;
        name: string;
    }

    const { now, reasons, person, name }: Props = $props();

    const act = new Act();
    let open = $state<'' | 'away' | 'wrong' | 'note'>('');
    let text = $state('');
    let really = $state('');

    const flip = (which: 'away' | 'wrong' | 'note'): void => {
        open = open === which ? '' : which;
        text = '';
    };

    const close = (): void => {
        open = '';
        text = '';
    };

    /** Started without a network: the clock that will run when it is sent. */
    const startedAt = $derived(
        presses
            .of(person)
            .filter((one) => one.operation === now.id || one.kind === 'stop' || one.kind === 'away')
            .reduce<string | null>(
                (since, one) =>
                    one.kind === 'start' ? one.at : ['stop', 'away', 'done', 'close'].includes(one.kind) ? '' : since,
                null,
            ),
    );
    const running = $derived(startedAt ?? now.clock?.since ?? '');

    /** With a network it is done at once; without one, or where the server does not answer, it is kept with its time. */
    function press(
        kind: string,
        words: string,
        said: Record<string, string>,
        withNetwork: () => void,
        picture?: Blob,
    ): void {
        const kept = {
            person,
            name,
            kind,
            operation: now.id,
            said,
            words,
            ...(picture ? { photograph: picture } : {}),
        };
        if (!presses.online) {
            void presses.add(kept).then(close);
            return;
        }
        const silent = router.on('networkError', () => void presses.add(kept).then(close));
        const over = router.on('finish', () => {
            silent();
            over();
        });
        withNetwork();
    }

    const done = (): void =>
        press('done', `Done: ${now.name}`, {}, () =>
            act.post(route('operations.done', now.id), { version: now.version }),
        );

    function write(event: SubmitEvent): void {
        event.preventDefault();
        press('note', `Note: ${text}`, { text }, () => act.post(route('operations.note', now.id), { text }, close));
    }

    function tell(said: Record<string, string>, photograph: File | null): void {
        const words = said.text || now.tell.mishaps.find((one) => one.value === said.mishap)?.words || '';
        press(
            'wrong',
            `Something is wrong: ${words}`,
            said,
            () =>
                act.post(route('operations.wrong', now.id), { ...said, ...(photograph ? { photograph } : {}) }, close),
            photograph ?? undefined,
        );
    }

    function send(file: File | undefined): void {
        if (file) {
            press(
                'photograph',
                `Photograph: ${now.name}`,
                { caption: text },
                () => act.post(route('operations.photographs', now.id), { photograph: file, caption: text }, close),
                file,
            );
        }
    }
</script>

<div class="keys">
    {#if running}
        <Knuckle
            kind="main"
            under={`running since ${clock(running)}`}
            disabled={act.busy}
            onpress={() =>
                press('stop', 'Stop', {}, () =>
                    act.post(route('clocks.stop', now.clock?.id ?? 0), { minutes: really }, () => (really = '')),
                )}
        >
            Stop <span class="figure text-paper">{labour(since(running))}</span>
        </Knuckle>
    {:else}
        <Knuckle
            kind="main"
            under={now.begun ? 'go on' : 'begin'}
            disabled={act.busy || now.waits !== ''}
            onpress={() =>
                press('start', `Start: ${now.name}`, {}, () =>
                    act.post(route('operations.clock', now.id), { version: now.version }),
                )}>Start</Knuckle
        >
    {/if}
    <ErrorLine text={act.other('text', 'photograph', 'reason')} />
    {#if act.errors.minutes}
        <Field name="really" label="Really worked" bind:value={really} />
    {/if}
    <div class="pair">
        <Knuckle
            under={now.ends.includes('reading')
                ? 'take the readings'
                : now.holds
                  ? 'the hold begins'
                  : 'the next is ready'}
            disabled={act.busy || now.waits !== ''}
            onpress={done}>Done</Knuckle
        >
        <Knuckle
            under="customer, telephone …"
            pressed={open === 'away'}
            disabled={!now.clock}
            onpress={() => flip('away')}>Called away</Knuckle
        >
        <Knuckle kind="wrong" pressed={open === 'wrong'} onpress={() => flip('wrong')}>Something is wrong</Knuckle>
        <Knuckle under="or a note" pressed={open === 'note'} onpress={() => flip('note')}>Photograph</Knuckle>
    </div>
    {#if open === 'away'}
        <div class="pair" role="group" aria-label="Why">
            {#each reasons as reason (reason.value)}
                <Knuckle
                    disabled={act.busy}
                    onpress={() =>
                        press('away', `Called away: ${reason.words}`, { reason: reason.value }, () =>
                            act.post(route('bench.away'), { reason: reason.value, minutes: really }, close),
                        )}>{reason.words}</Knuckle
                >
            {/each}
        </div>
    {:else if open === 'wrong'}
        <Tell
            form={now.tell}
            errors={act.errors}
            busy={act.busy}
            atOperation={now.begun ? String(now.id) : ''}
            onsend={tell}
        />
        {#if now.ends.includes('reading')}
            <p class="small quiet mt-2">
                A reading outside of its tolerance is decided on at the gate:
                <button class="word" type="button" onclick={() => router.visit(route('gate', now.id))}
                    >take the readings</button
                >.
            </p>
        {/if}
    {:else if open === 'note'}
        <form class="mt-2" onsubmit={write}>
            <Field name="text" label="Note" type="textarea" rows={3} bind:value={text} error={act.errors.text} />
            <div class="pair mt-2">
                <button class="do min-h-[3.5rem]" type="submit" disabled={act.busy}>Write it down</button>
                <label class="act min-h-[3.5rem] justify-center cursor-pointer">
                    Take a photograph
                    <input
                        class="sr-only"
                        type="file"
                        accept="image/jpeg,image/png,image/webp"
                        capture="environment"
                        onchange={(event) => send(event.currentTarget.files?.[0])}
                    />
                </label>
            </div>
            <ErrorLine text={act.errors.photograph} />
        </form>
    {/if}
</div>

<style>
    .keys {
        display: grid;
        gap: 0.6rem;
    }

    .pair {
        display: grid;
        grid-template-columns: 1fr 1fr;
        gap: 0.6rem;
    }
</style>
