import type { Choices, Option } from '@/lib/props';
import type { ChangeBody } from '@/lib/act.svelte';
import { PROMISE_KINDS } from '@/lib/promise';

/** One thing that a change has to say. */
export interface ChangeField {
    name: string;
    label: string;
    type?: 'text' | 'date' | 'datetime-local';
    options?: (choices: Choices) => Option[];
    hint?: string;
    value?: string;
}

export interface ChangeKind {
    kind: string;
    words: string;
    fields: ChangeField[];
}

const person: ChangeField = { name: 'person', label: 'Who', options: (choices) => choices.people };
const build: ChangeField = { name: 'build', label: 'Build', options: (choices) => choices.builds };
const resource: ChangeField = { name: 'resource', label: 'What', options: (choices) => choices.resources };
const from: ChangeField = { name: 'from', label: 'First day', type: 'date' };
const note: ChangeField = { name: 'note', label: 'Note' };

/** What can be tried or fixed, and what each has to say. */
export const KINDS: ChangeKind[] = [
    {
        kind: 'away',
        words: 'somebody is away',
        fields: [
            person,
            { name: 'what', label: 'Because', options: (choices) => choices.away },
            from,
            { name: 'to', label: 'Last day', type: 'date', hint: 'empty: one day' },
            { name: 'part', label: 'Part of the day', hint: 'as 13:00–17:00; empty: all day' },
            {
                name: 'every',
                label: 'How often',
                options: () => [
                    { value: 'day', words: 'every day' },
                    { value: 'week', words: 'once a week' },
                ],
            },
            note,
        ],
    },
    {
        kind: 'longer',
        words: 'somebody works longer',
        fields: [
            person,
            from,
            { name: 'to', label: 'Last day', type: 'date' },
            { name: 'minutes', label: 'Minutes a day', value: '60' },
        ],
    },
    {
        kind: 'down',
        words: 'a station or fixture is down',
        fields: [
            resource,
            { name: 'from', label: 'From', type: 'datetime-local' },
            { name: 'to', label: 'Until', type: 'datetime-local' },
            note,
        ],
    },
    {
        kind: 'part',
        words: 'a part comes on another day',
        fields: [
            { name: 'line', label: 'Part', options: (choices) => choices.parts },
            { name: 'expected_on', label: 'Expected on', type: 'date' },
        ],
    },
    {
        kind: 'promise',
        words: 'a promise is moved',
        fields: [
            build,
            { name: 'promised_on', label: 'Promise date', type: 'date' },
            { name: 'promise_kind', label: 'How firmly', options: () => PROMISE_KINDS },
            { name: 'because', label: 'Why' },
        ],
    },
    {
        kind: 'hold',
        words: 'a build is put on hold',
        fields: [
            build,
            { name: 'until', label: 'Until', type: 'date', hint: 'empty: it goes on' },
            { name: 'because', label: 'Why' },
        ],
    },
    {
        kind: 'push',
        words: 'a build is pushed ahead',
        fields: [build, { name: 'days', label: 'By days', value: '7', hint: 'below zero: back' }],
    },
    {
        kind: 'build',
        words: 'a new commission',
        fields: [
            { name: 'title', label: 'Name of the build' },
            { name: 'model', label: 'As the house model', options: (choices) => choices.models },
            { name: 'promised_on', label: 'Promise date', type: 'date', hint: 'empty: for stock' },
        ],
    },
    {
        kind: 'more',
        words: 'one more station or fixture',
        fields: [resource, { name: 'by', label: 'How many more', value: '1' }],
    },
    {
        kind: 'skill',
        words: 'somebody takes on a skill',
        fields: [person, { name: 'skill', label: 'Skill', options: (choices) => choices.skills }],
    },
];

/** What a form holds before anything was chosen: the first of every list. */
export function blank(kind: ChangeKind, choices: Choices): Record<string, string> {
    return Object.fromEntries(
        kind.fields.map((field) => [field.name, field.value ?? field.options?.(choices)[0]?.value ?? '']),
    );
}

export function body(kind: ChangeKind, values: Record<string, string>): ChangeBody {
    return { kind: kind.kind, ...values };
}
