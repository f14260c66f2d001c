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

    function take(files: File[]): void {
        const [first] = files;
        if (first) {
            onfile(first);
        }
    }
</script>

<FileUpload accept={accept.join(',')} maxFiles={1} onFileAccept={({ files }) => take(files)}>
    <FileUpload.Dropzone class="drop">
        <FileUpload.Trigger class="act">{words}</FileUpload.Trigger>
        <span class="small quiet">{chosen ?? 'or drop it here'}</span>
    </FileUpload.Dropzone>
    <FileUpload.HiddenInput aria-label={words} />
</FileUpload>
<ErrorLine text={error} />
