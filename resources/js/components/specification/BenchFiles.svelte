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

<h2 class="mt-[0.6rem]">Templates, 1:1</h2>
<table>
    <tbody>
        {#each files as file (file.key)}
            <tr>
                <th class="border-t border-t-rule text-[0.92rem] text-ink" scope="row">{file.name}</th>
                {#each TEMPLATES as [ending, words] (ending)}
                    <td class="pt-[0.3rem] pr-[0.8rem] pb-[0.3rem] pl-0 text-[0.92rem]"
                        ><a class="target" href={address(`${file.key}${ending}`)} download>{words}</a></td
                    >
                {/each}
            </tr>
        {/each}
    </tbody>
</table>
<p class="quiet small">
    PDF sheets carry a bar of 100 mm and one of 4 in: measure them on the print before the template is cut out.
</p>
<h2 class="mt-[0.6rem]">Sheets and tables</h2>
<ul>
    {#each OTHERS as [name, words] (name)}<li class="pt-[0.3rem] pr-[0.8rem] pb-[0.3rem] pl-0 text-[0.92rem]">
            <a class="target" href={address(name)} download>{words}</a>
        </li>{/each}
</ul>
