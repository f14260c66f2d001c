/** What the client says: only what was typed, by field, in the maker's own words. */
export type Typed = Record<string, string | Row[]>;

export type Row = Record<string, string>;
