<!-- Everything about one operation of the route. -->
<script lang="ts">
    import { labour, span } from '@/lib/time';
    import type { Act } from '@/lib/act.svelte';
    import type { RouteOperation, RoutePrice } from '@/lib/props';
    import Ways from './Ways.svelte';
    import { route } from '@/lib/address';

    interface Props {
        operation: RouteOperation;
        operations: RouteOperation[];
        prices: Record<string, RoutePrice> | undefined;
        editable: boolean;
        build: number;
        version: number;
        act: Act;
        onchoose: (key: string) => void;
    }

    const { operation, operations, prices, editable, build, version, act, onchoose }: Props = $props();

    const following = $derived(operations.filter((one) => one.after.some((link) => link.key === operation.key)));
</script>

<article
    class="border-t border-t-rule py-[0.7rem] px-0 grid gap-[0.45rem] [align-content:start]"
    id={operation.key}
    aria-label={operation.name}
>
    <h3 class="text-[1.05rem]">{operation.name}{operation.way ? `, ${operation.way}` : ''}</h3>
    <p class="small quiet">
        {operation.stage}{operation.critical
            ? ' · on the critical chain'
            : operation.slack > 0
              ? ` · ${span(operation.slack)} of slack`
              : ''}
        {#if operation.id && !operation.useless}· <a href={route('builds.show', build) + `#operation-${operation.id}`}
                >on the sheet</a
            >{/if}
    </p>
    {#if operation.why}<p>
            <b>Why it is here.</b>
            {operation.why}
            {#if operation.rule && !operation.own}<span class="quiet">Rule: {operation.rule}.</span>{/if}
        </p>{/if}
    {#if operation.after.length > 0}
        <div>
            <b>Why after those.</b>
            <ul class="reasons grid gap-[0.2rem] pt-[0.1rem]">
                {#each operation.after as link (link.key)}
                    <li>
                        <button class="word" type="button" onclick={() => onchoose(link.key)}>{link.name}</button>: {link.reason}
                        {#if link.spoils}<span class="block text-rust text-[0.86rem]">Earlier: {link.spoils}</span>{/if}
                        {#if link.window}<span class="tight">It begins {link.window}.</span>{/if}
                    </li>
                {/each}
            </ul>
        </div>
    {/if}
    {#if operation.stake > 0}
        <p><b>At stake.</b> {labour(operation.stake)} of work are in {operation.pieces.join(', ')} by then.</p>
    {/if}
    {#if following.length > 0}
        <p class="small">
            <span class="quiet">For it wait</span>
            {#each following as one, index (one.key)}{index > 0 ? ', ' : ' '}<button
                    class="word small"
                    type="button"
                    onclick={() => onchoose(one.key)}>{one.name}</button
                >{/each}.
        </p>
    {/if}
    <table>
        <tbody>
            <tr>
                <th scope="row">Set-up</th>
                <td
                    ><span class="figure">{labour(operation.setUp)}</span>{#if operation.sharesWith.length > 0}
                        <span class="small ml-2"
                            >the same as on {#each operation.sharesWith as other, index (other.id)}{index > 0
                                    ? ', '
                                    : ''}<a href={route('route', other.number)}>{other.number} {other.title}</a>{/each}:
                            one set-up can serve all</span
                        >
                    {/if}</td
                >
            </tr>
            <tr>
                <th scope="row">Labour</th>
                <td
                    ><span class="figure">{labour(operation.labour)}</span>
                    <span class="small quiet"
                        >{labour(operation.best)} at best, {labour(operation.worst)} at worst{operation.drivenBy
                            ? `; ${operation.drivenBy}`
                            : ''}{operation.oneSitting ? '; in one sitting' : ''}{operation.hands > 0
                            ? `; two people for the last ${labour(operation.hands)}`
                            : ''}{operation.alone > 0
                            ? `; then the machine runs for ${labour(operation.alone)} by itself`
                            : ''}</span
                    ></td
                >
            </tr>
            {#if operation.hold > 0}
                <tr>
                    <th scope="row">Hold</th>
                    <td
                        ><span class="figure">{span(operation.holdNow)}</span>
                        <span class="small quiet"
                            >{operation.holdWords}{operation.holdNow !== operation.hold
                                ? `; ${span(operation.hold)} at 20 °C`
                                : ''}{operation.fixture ? `; keeps ${operation.fixture}` : ''}</span
                        ></td
                    >
                </tr>
            {/if}
            <tr>
                <th scope="row">Takes</th>
                <td class="small"
                    >{[operation.skill, operation.station, operation.fixture].filter(Boolean).join(', ')}</td
                >
            </tr>
            {#if operation.parts.length > 0}
                <tr>
                    <th scope="row">Parts</th>
                    <td class="small">
                        {#each operation.parts as part, index (part.name)}{index > 0 ? ', ' : ''}{part.name}
                            <span class={part.state === 'arrived' ? 'quiet' : 'tight'}>{part.state}</span>{/each}
                    </td>
                </tr>
            {/if}
            {#if operation.gate.length > 0}
                <tr>
                    <th scope="row"
                        ><i
                            class="inline-block w-[0.6rem] h-[0.6rem] border-[1.5px] border-labour [border-radius:50%] mr-[0.3rem]"
                        ></i>Gate</th
                    >
                    <td class="small">
                        {#each operation.gate as target (target.what)}<div>
                                <b>{target.what}</b>
                                {target.words} <span class="quiet">{target.how}</span>
                            </div>{/each}
                    </td>
                </tr>
            {/if}
        </tbody>
    </table>
    {#if operation.ways.length > 1}<Ways {operation} {prices} {editable} {build} {version} {act} />{/if}
    {#each operation.cautions as caution, index (caution)}
        <p
            class={[
                'small',
                index < operation.cautions.length - 1 || operation.cautions.length === 1
                    ? 'caution'
                    : 'caution closing',
            ]}
        >
            {caution}
        </p>
    {/each}
</article>

<style>
    .reasons li {
        font-size: 0.92rem;
    }

    .reasons .tight {
        display: block;
        font-size: 0.86rem;
    }

    th {
        width: 5.2rem;
        padding: 0.25rem 0.6rem 0.25rem 0;
        border-top: 1px solid var(--rule);
        vertical-align: top;
    }

    td {
        padding: 0.25rem 0;
    }

    .caution {
        border-left: 4px solid var(--ochre);
        padding-left: 0.6rem;
    }

    .closing {
        color: var(--quiet);
    }
</style>
