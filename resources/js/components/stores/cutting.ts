/** Where a piece lies, as an address says it. */
export interface Place {
    need: string;
    board: number;
    from: number;
    across: number;
    turn: string;
}

export function readPlace(written: string): Place {
    const [need = '', board = '0', from = '0', across = '0', turn = 'along'] = written.split('|');
    return { need, board: Number(board), from: Number(from), across: Number(across), turn };
}

export function writePlace(place: Place): string {
    const tenth = (value: number): string => String(Math.round(value * 10) / 10);
    return [place.need, place.board, tenth(place.from), tenth(place.across), place.turn].join('|');
}

/** What stands behind the address of a plan; nothing for what is looked for. */
export function asked(
    boards: string[],
    needs: string[] | null,
    at: string[] | null,
    turned: boolean,
): Record<string, string[] | string> {
    return {
        boards,
        ...(needs ? (needs.length > 0 ? { needs } : { none: '1' }) : {}),
        ...(at ? { at } : {}),
        ...(turned ? { turned: '1' } : {}),
    };
}

/** The same as text, for a file. */
export function query(of: Record<string, string[] | string>): string {
    const search = new URLSearchParams();
    for (const [key, value] of Object.entries(of)) {
        for (const one of Array.isArray(value) ? value : [value]) {
            search.append(Array.isArray(value) ? `${key}[]` : key, one);
        }
    }
    return search.toString();
}
