<script lang="ts">
    import { route } from '@/lib/address';

    interface Props {
        /** Of a build, by its number, and of its revision. */
        build: number;
        revision: number;
        files: { key: string; name: string }[];
    }

    const { build, revision, files }: Props = $props();

    const address = (file: string): string => route('specification.file', [build, revision, file]);

    const TEMPLATES = [
        ['.svg', 'SVG'],
        ['.dxf', 'DXF R12'],
        ['-a4.pdf', 'PDF on A4'],
        ['-letter.pdf', 'PDF on Letter'],
    ] as const;
    const OTHERS = [
        ['sheet-a4.pdf', 'Specification sheet, PDF on A4'],
        ['sheet-letter.pdf', 'Specification sheet, PDF on Letter'],
        ['frets.csv', 'Fret table, CSV'],
        ['strings.csv', 'String table, CSV'],
        ['specification.json', 'Whole specification, JSON'],
    ] as const;
</script>

<h2>Templates, 1:1</h2>
<table>
    <tbody>
        {#each files as file (file.key)}
            <tr>
                <th scope="row">{file.name}</th>
                {#each TEMPLATES as [ending, words] (ending)}
                    <td><a href={address(`${file.key}${ending}`)} download>{words}</a></td>
                {/each}
            </tr>
        {/each}
    </tbody>
</table>
<p class="quiet small">
    PDF sheets carry a bar of 100 mm and one of 4 in: measure them on the print before the template is cut out.
</p>
<h2>Sheets and tables</h2>
<ul>
    {#each OTHERS as [name, words] (name)}<li><a href={address(name)} download>{words}</a></li>{/each}
</ul>

<style>
    h2 {
        margin-top: 0.6rem;
    }

    th {
        border-top: 1px solid var(--rule);
        font-size: 0.92rem;
        color: var(--ink);
    }

    td,
    li {
        padding: 0.3rem 0.8rem 0.3rem 0;
        font-size: 0.92rem;
    }
</style>
