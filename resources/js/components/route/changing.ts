/** A change to the route while it is written: what it says, and whether it says enough to be judged. */

export const KINDS = [
    { value: 'move', words: 'move one before another' },
    { value: 'link', words: 'one after another' },
    { value: 'unlink', words: 'not after another any more' },
    { value: 'times', words: 'other hours or hold' },
    { value: 'split', words: 'split in two' },
    { value: 'drop', words: 'leave out' },
    { value: 'add', words: 'add one of your own' },
];

export const PIECES = ['neck', 'fretboard', 'body'];

export interface Written {
    kind: string;
    key: string;
    /** The other operation, where the change has one. */
    other: string;
    values: { first: string; set_up: string; labour: string; hold: string; name: string; link_reason: string };
    pieces: string[];
}

export function changeOf({ kind, key, other, values, pieces }: Written): Record<string, string | string[]> {
    switch (kind) {
        case 'move':
            return { kind, key, target: other };
        case 'link':
            return { kind, before: other, after: key, link_reason: values.link_reason };
        case 'unlink':
            return { kind, before: other, after: key };
        case 'times':
            return { kind, key, set_up: values.set_up, labour: values.labour, hold: values.hold };
        case 'split':
            return { kind, key, first: values.first };
        case 'add':
            return { kind, ...values, pieces, after: key === '' ? [] : [key], before: other === '' ? [] : [other] };
        default:
            return { kind, key };
    }
}

export function isComplete({ kind, key, other, values }: Written): boolean {
    switch (kind) {
        case 'add':
            return values.name !== '' && values.labour !== '';
        case 'split':
            return key !== '' && values.first !== '';
        case 'times':
            return key !== '' && values.set_up + values.labour + values.hold !== '';
        case 'drop':
            return key !== '';
        default:
            return key !== '' && other !== '';
    }
}
