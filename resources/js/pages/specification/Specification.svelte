<script lang="ts">
    import { page, router } from '@inertiajs/svelte';
    import { untrack } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import FileLook from '@/components/FileLook.svelte';
    import BenchFiles from '@/components/specification/BenchFiles.svelte';
    import BenchTables from '@/components/specification/BenchTables.svelte';
    import Editor from '@/components/specification/Editor.svelte';
    import { Act } from '@/lib/act.svelte';
    import { day } from '@/lib/time';
    import type { SpecificationProps } from '@/lib/props';
    import { Writing } from '@/lib/writing.svelte';
    import { route } from '@/lib/address';

    const { build, revision, revisions, client, fields, worked, tables, files, parts }: SpecificationProps = $props();

    const manager = $derived(page.props.viewer?.manager ?? false);
    const base = $derived(route('specification', build.number));
    const writing = untrack(
        () => new Writing({ ...client }, worked, route('builds.specification.work-out', build.number)),
    );
    const act = new Act();
    /** Whether the next answer takes the place of what is written: a file that was brought in does. */
    let replacing = false;
    let seen = untrack(() => revision.version);
    const standing = $derived(writing.shown?.standing ?? '');

    // What the server keeps comes back with every answer; what was typed since stays.
    $effect(() => {
        const kept = { ...client };
        const now = worked;
        const version = revision.version;
        untrack(() => {
            if (replacing && version !== seen) {
                writing.replace(kept, now);
            } else {
                writing.merge(kept, now);
            }
            replacing = false;
            seen = version;
        });
    });

    $effect(() =>
        router.on('before', (event) => {
            const leaving =
                event.detail.visit.method === 'get' && event.detail.visit.url.pathname !== page.url.split('?')[0];
            return !(leaving && writing.dirty) || confirm('What you have written is not kept yet. Leave it?');
        }),
    );

    function visit(method: 'put' | 'post', url: string, data: object, done: () => void = () => {}): void {
        act.busy = true;
        router.visit(url, {
            method,
            data: data as Record<string, never>,
            preserveScroll: true,
            preserveState: true,
            onError: (errors) => {
                replacing = false;
                act.errors = errors;
            },
            onSuccess: () => {
                act.errors = {};
                done();
            },
            onFinish: () => (act.busy = false),
        });
    }

    function keep(done: () => void = () => {}): void {
        visit('put', base, { version: revision.version, specification: $state.snapshot(writing.typed) }, done);
    }

    function release(): void {
        const go = (): void =>
            visit('post', route('builds.specification.release', build.number), { version: revision.version });
        if (writing.dirty) {
            keep(go);
        } else {
            go();
        }
    }

    function accept(key: string, reason: string): void {
        const go = (): void =>
            visit('post', route('builds.specification.accept', build.number), {
                version: revision.version,
                key,
                reason,
            });
        if (writing.dirty) {
            keep(go);
        } else {
            go();
        }
    }

    function importFile(file: File): void {
        replacing = true;
        visit('post', route('builds.specification.import', build.number), { version: revision.version, file });
    }
</script>

<svelte:head><title>Specification {build.number} {build.title} · Regimen</title></svelte:head>

{#snippet tablesBody()}<BenchTables {tables} />{/snippet}
{#snippet filesBody()}
    {#if writing.dirty}<p class="tight small">The files are of what was kept last.</p>{/if}
    <BenchFiles build={build.number} revision={revision.number} {files} />
    {#if revision.editable}
        <h2>Import</h2>
        <p class="small quiet">
            A specification in the same JSON takes the place of what is written in this revision, whole or not at all.
            You see what would change first.
        </p>
        <FileLook
            words="Choose a specification (.json)"
            accept={['.json', 'application/json']}
            url={route('builds.specification.import.look', build.number)}
            version={revision.version}
            action="Import it"
            busy={act.busy}
            error={act.errors.file}
            ontake={importFile}
        />
    {/if}
{/snippet}

<div class="head grid grid-cols-[minmax(0,1fr)_auto] gap-y-[0.4rem] gap-x-6 items-end max-[68rem]:grid-cols-1">
    <div>
        <h1><a class="plain" href={route('builds.show', build.number)}>{build.number} · {build.title}</a></h1>
        <p class="quiet">
            Specification, revision {revision.number}, {revision.released
                ? `released ${day(revision.released)}`
                : 'not released'}:
            <span data-figure="standing">{standing}</span>.
            <span class="small whitespace-nowrap">● client ○ house = computed</span>
        </p>
    </div>
    <div
        class="screen-only flex flex-wrap gap-y-[0.3rem] gap-x-4 items-center justify-end text-[0.92rem] max-[68rem]:justify-start"
    >
        {#each revisions.filter((one) => one.number !== revision.number) as one (one.number)}
            <a href={route('specification', [build.number, one.number])}>revision {one.number}</a>
        {/each}
        {#if manager && revisions.length > 1}<a href={route('builds.revisions', build.number)}>What changed</a>{/if}
        <a href={route('builds.templates', build.number)}>Templates</a>
        {#if manager}<a href={route('house.models.new', { build: build.number })}>Keep as a house model</a>{/if}
        {#if revision.editable}
            {#if revision.number > 1}
                <button
                    class="word"
                    type="button"
                    disabled={act.busy}
                    onclick={() =>
                        act.send('delete', route('builds.revisions', build.number), { version: revision.version })}
                    >Discard this revision</button
                >
            {/if}
            <button class="act" type="button" disabled={act.busy || !writing.dirty} onclick={() => keep()}
                >{writing.dirty ? 'Save' : 'Saved'}</button
            >
            <button class="do" type="button" disabled={act.busy} onclick={release}>Release to the bench</button>
        {:else if manager && revision.latest && revision.released}
            <button
                class="act"
                type="button"
                disabled={act.busy}
                onclick={() => act.post(route('builds.revisions', build.number))}
                >Begin revision {revision.number + 1}</button
            >
        {/if}
    </div>
</div>
<ErrorLine text={act.other('file', 'accept', 'reason')} />

<Editor
    {writing}
    {fields}
    {parts}
    editable={revision.editable}
    onaccept={accept}
    acceptError={act.errors.accept ?? act.errors.reason}
    more={[
        { name: 'Tables', body: tablesBody },
        { name: 'Files', body: filesBody },
    ]}
/>
