<!-- A file from this machine, chosen or dropped here. -->
<script lang="ts">
    import { FileUpload } from '@skeletonlabs/skeleton-svelte';
    import ErrorLine from '@/components/ErrorLine.svelte';

    interface Props {
        words: string;
        accept: string[];
        /** What was chosen and waits to be sent. */
        chosen?: string;
        error?: string;
        onfile: (file: File) => void;
    }

    const { words, accept, chosen, error, onfile }: Props = $props();

    /** The same file, once it is fixed, can be chosen again: each time it is a new field. */
    let taken = $state(0);

    function take(files: File[]): void {
        const [first] = files;
        if (first) {
            onfile(first);
            taken++;
        }
    }
</script>

{#key taken}
    <FileUpload accept={accept.join(',')} maxFiles={1} onFileAccept={({ files }) => take(files)}>
        <span class="file">
            <FileUpload.Dropzone class="act drop" aria-label={words}>{words}</FileUpload.Dropzone>
            <span class="small quiet">{chosen ?? 'or drop it there'}</span>
        </span>
        <FileUpload.HiddenInput aria-label={words} />
    </FileUpload>
{/key}
<ErrorLine text={error} />

<style>
    .file {
        display: inline-flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.3rem 0.8rem;
        padding: 0.4rem 0;
    }
</style>
