<!-- A file that is looked at before it is taken: what it would change stands there first. -->
<script lang="ts">
    import FileField from './FileField.svelte';
    import { lookAt } from '@/lib/look';
    import type { FileSeen } from '@/lib/props';

    interface Props {
        words: string;
        accept: string[];
        /** Where it is looked at. */
        url: string;
        /** Sent with it. */
        version?: number;
        action: string;
        busy: boolean;
        error?: string;
        ontake: (file: File) => void;
    }

    const { words, accept, url, version, action, busy, error, ontake }: Props = $props();

    let file = $state<File | null>(null);
    let seen = $state<FileSeen | null>(null);
    let problem = $state('');

    async function look(chosen: File): Promise<void> {
        file = chosen;
        seen = null;
        const data = new FormData();
        data.append('file', chosen);
        if (version !== undefined) {
            data.append('version', String(version));
        }
        const answer = await lookAt<FileSeen>(url, data);
        problem = typeof answer === 'string' ? answer : answer.problem;
        seen = typeof answer === 'string' || answer.problem !== '' ? null : answer;
    }

    function take(): void {
        if (file) {
            ontake(file);
            seen = null;
        }
    }
</script>

<FileField {words} {accept} chosen={file?.name} error={problem || error} onfile={(chosen) => void look(chosen)} />
{#if seen}
    <div data-look>
        <p role="status"><b>{seen.words}</b></p>
        {#if seen.changes.length > 0}
            <table class="text-[0.9rem] my-2">
                <tbody>
                    {#each seen.changes as change (change.name)}
                        <tr>
                            <th scope="row">{change.name}</th>
                            <td class="figure quiet">{change.before || 'nothing'}</td>
                            <td class="figure">{change.after || 'nothing'}</td>
                        </tr>
                    {/each}
                </tbody>
            </table>
        {/if}
        <p class="flex gap-4">
            <button class="do" type="button" disabled={busy} onclick={take}>{action}</button>
            <button class="act" type="button" onclick={() => (seen = null)}>Cancel</button>
        </p>
    </div>
{/if}
