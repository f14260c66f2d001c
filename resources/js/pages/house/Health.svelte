<script lang="ts">
    import { useForm } from '@inertiajs/svelte';
    import { untrack } from 'svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';
    import Field from '@/components/Field.svelte';
    import { Act } from '@/lib/act.svelte';
    import { moment } from '@/lib/time';
    import type { HealthProps } from '@/lib/props';
    import { route } from '@/lib/address';

    const {
        heading,
        warn,
        failed,
        copies,
        folder,
        inUse,
        isSealed,
        version,
        databaseSize,
        disks,
        running,
    }: HealthProps = $props();

    const form = useForm(untrack(() => ({ version, folder, sealed: isSealed, passphrase: '' })));
    const act = new Act();

    function save(event: SubmitEvent): void {
        event.preventDefault();
        form.version = version;
        form.put(route('health'), { preserveScroll: true, onSuccess: () => form.reset('passphrase') });
    }
</script>

<svelte:head><title>Backups and health · Regimen</title></svelte:head>

<h1 class={warn ? 'late' : ''}>{heading}</h1>
<p class="quiet">
    Every night the shop copies itself, checks the copy, and keeps one of each of the last seven days, five weeks and
    twelve months. A copy on the same disk does not survive that disk: name a folder on another one.
</p>
{#if failed}<p class="late" role="alert">The last copy failed. {failed}</p>{/if}
<ul class="my-2">
    <li>The shop’s database takes {databaseSize}.</li>
    {#each disks as disk (disk.what)}
        <li class={disk.warn ? 'late' : ''}>{disk.words}{disk.warn ? ' Make room before it is full.' : ''}</li>
    {/each}
</ul>
<p>
    <button class="do" type="button" disabled={act.busy} onclick={() => act.post(route('health.copy'), {})}>
        Make a copy now
    </button>
</p>
<ErrorLine text={act.other()} />

<section class="sheet mt-[1.3rem]">
    <h2>What runs beside it</h2>
    <ul class="pt-[0.3rem]">
        {#each running as part (part.what)}
            <li class={part.warn ? 'late' : ''}>{part.words}</li>
        {/each}
    </ul>
</section>

<section class="sheet mt-[1.3rem]">
    <h2>Where copies go</h2>
    <form class="grid gap-[0.9rem] justify-items-start pt-[0.4rem] max-w-152" onsubmit={save} novalidate>
        <div class="w-full">
            <Field
                name="folder"
                label="Folder"
                bind:value={form.folder}
                error={form.errors.folder}
                hint={`left empty: ${inUse}; a second disk or a share of the network survives more`}
            />
        </div>
        <label><input type="checkbox" bind:checked={form.sealed} /> seal copies with a passphrase</label>
        {#if form.sealed}
            <div class="w-full">
                <Field
                    name="passphrase"
                    label="Passphrase"
                    type="password"
                    autocomplete="new-password"
                    bind:value={form.passphrase}
                    error={form.errors.passphrase}
                    hint={isSealed
                        ? 'left empty: the one that is set; nobody can open a sealed copy without its passphrase'
                        : 'write it down away from the shop: nobody can open a sealed copy without it'}
                />
            </div>
        {/if}
        <ErrorLine text={(form.errors as Record<string, string | undefined>).conflict} />
        <button class="act" type="submit" disabled={form.processing}>Save</button>
    </form>
</section>

<section class="sheet mt-[1.3rem]">
    <h2>Copies <span class="quiet small font-normal">in {inUse}</span></h2>
    <ul>
        {#each copies as copy (copy.name)}
            <li
                class="border-t border-t-rule py-[0.35rem] grid grid-cols-[12rem_5rem_minmax(0,1fr)] gap-3 max-desk:grid-cols-2"
            >
                <span>{moment(copy.at)}</span>
                <span class="figure">{copy.size}</span>
                <span class="quiet small [overflow-wrap:anywhere]">{copy.name}{copy.isSealed ? ', sealed' : ''}</span>
            </li>
        {:else}
            <li class="quiet">The first copy is made tonight, or now with the button above.</li>
        {/each}
    </ul>
    <p class="quiet small">
        To put one back: <span class="figure">./regimen restore FILE</span>. To see once a year that it would work:
        <span class="figure">./regimen drill</span>.
    </p>
</section>

<section class="sheet mt-[1.3rem]">
    <h2>Take everything along</h2>
    <p class="quiet small max-w-160">
        One file with all data as JSON and CSV and every specification and traveller as PDF, for another program, an
        accountant, or another machine: <span class="figure">./regimen import FILE</span> makes the same shop of it. It takes
        a minute for a large shop. Keep it as you would keep the shop’s books.
    </p>
    <p class="pt-2"><a class="act" href={route('everything')} download>Export everything</a></p>
</section>
