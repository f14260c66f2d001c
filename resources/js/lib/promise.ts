import type { Option } from './props';

/** How firmly a date was given. */
export const PROMISE_KINDS: Option[] = [
    { value: 'promised', words: 'promised' },
    { value: 'immovable', words: 'immovable: a show, a contest' },
    { value: 'wished', words: 'wished' },
];
