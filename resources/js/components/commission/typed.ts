/** A specification as it is typed: every figure in the maker's own words. */
export interface TypedSpecification {
    type: string;
    strings: string;
    hand: string;
    scale: string;
    frets: string;
    nutWidth: string;
    boardLength: string;
    joint: string;
    body: string;
    neckTimber: string;
    boardTimber: string;
    layers: { timber: string; thickness: string }[];
    finish: string;
    colour: string;
    pickups: string;
    electronics: string;
    wishes: string;
}

/** The house's plain six-string, to be changed. */
export const plainSixString: TypedSpecification = {
    type: 'guitar',
    strings: '6',
    hand: 'right',
    scale: '25 1/2"',
    frets: '22',
    nutWidth: '43',
    boardLength: '',
    joint: 'bolt-on',
    body: 'solid',
    neckTimber: 'sugar maple',
    boardTimber: 'Indian rosewood',
    layers: [{ timber: 'red alder', thickness: '1 3/4"' }],
    finish: 'wiping-oil',
    colour: '',
    pickups: '2',
    electronics: '',
    wishes: '',
};
