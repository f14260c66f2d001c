<script lang="ts">
    import { inertia, router } from '@inertiajs/svelte';
    import { tick } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { codeIn, labelled } from '@/components/parts/scan';
    import { route } from '@/lib/address';
    import type { ScanProps } from '@/lib/props';

    const { unknown }: ScanProps = $props();

    let video = $state<HTMLVideoElement>();
    let looking = $state(false);
    let said = $state('');
    let typed = $state('');
    let stream: MediaStream | null = null;
    const canvas = document.createElement('canvas');

    function open(code: string): boolean {
        const label = labelled(code);
        if (label === null) {
            said = `That code says “${code.slice(0, 60)}”; it is none of the shop’s labels.`;
            return false;
        }
        stop();
        router.visit(route('label', label));
        return true;
    }

    async function look(): Promise<void> {
        said = '';
        try {
            stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } });
        } catch {
            said = 'The camera cannot be used here. Take a photograph of the label instead.';
            return;
        }
        looking = true;
        if (video) {
            video.srcObject = stream;
            await video.play();
            requestAnimationFrame(frame);
        }
    }

    function frame(): void {
        if (!looking || !video) return;
        const code = video.videoWidth > 0 ? codeIn(video, video.videoWidth, video.videoHeight, canvas) : null;
        if (code === null || !open(code)) setTimeout(() => requestAnimationFrame(frame), 120);
    }

    async function go(): Promise<void> {
        const [kind = '', ...name] = typed.trim().split(/\s+/);
        if (name.length === 0) return;
        // It has done what it was typed for.
        typed = '';
        await tick();
        router.visit(route('label', { kind: kind.toLowerCase(), name: name.join(' ') }));
    }

    function stop(): void {
        looking = false;
        stream?.getTracks().forEach((track) => track.stop());
        stream = null;
    }

    async function photograph(event: Event): Promise<void> {
        said = '';
        const file = (event.currentTarget as HTMLInputElement).files?.[0];
        if (!file) return;
        try {
            const picture = await createImageBitmap(file);
            const code = codeIn(picture, picture.width, picture.height, canvas);
            if (code === null) said = 'No code is seen in that photograph. Take it closer, straight, in better light.';
            else open(code);
        } catch {
            said = 'That is no photograph.';
        }
    }

    $effect(() => stop);
</script>

<svelte:head><title>Scan a label · Regimen</title></svelte:head>

<p class="small quiet"><a use:inertia href={route('stores')}>Stores</a> · scan</p>
<h1>Scan a label</h1>
<p class="quiet">The code on a board, a blank, a piece, a part or a drawer opens what it stands on.</p>
<ErrorLine text={said || unknown || undefined} />

<div class="flex flex-wrap gap-3 items-end mt-3">
    <button class="do" type="button" onclick={() => (looking ? stop() : void look())}
        >{looking ? 'Stop' : 'Look with the camera'}</button
    >
    <label class="act relative overflow-hidden"
        >Take a photograph<input
            class="absolute inset-0 opacity-0 cursor-pointer"
            type="file"
            accept="image/*"
            capture="environment"
            aria-label="Take a photograph"
            onchange={photograph}
        /></label
    >
    <form
        class="flex gap-3 items-end"
        role="search"
        onsubmit={(event) => {
            event.preventDefault();
            void go();
        }}
    >
        <div class="w-48"><Field name="typed" label="Or type it" hint="board 14" bind:value={typed} /></div>
        <button class="act" type="submit">Open</button>
    </form>
</div>
<video class={['mt-4 w-full max-w-[32rem]', !looking && 'hidden']} bind:this={video} playsinline muted></video>
