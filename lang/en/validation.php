<?php

declare(strict_types=1);

// What a field says when it refuses: what would be right. Sentences that the framework has and the shop never meets are left out.
return [
    'after' => 'It ends after it begins, and not before now.',
    'after_or_equal' => 'The last day is not before the first.',
    'array' => 'This has to be a list.',
    'before' => 'That is more than two years ahead; so far nobody plans.',
    'between' => ['numeric' => 'It has to be between :min and :max.'],
    'boolean' => 'This is either so or not.',
    'date_format' => 'Write the day and the time, for example 2026-03-26T13:00.',
    'email' => 'This is no e-mail address. Write it like name@example.org.',
    'enum' => 'Choose one of the list.',
    'exists' => 'That has gone in the meantime. Choose another.',
    'file' => 'Choose a file.',
    'in' => 'Choose one of the list.',
    'integer' => 'Write a whole number.',
    'list' => 'This has to be a list.',
    'max' => ['string' => 'That is too long: at most :max characters.', 'numeric' => 'At most :max.', 'array' => 'That is too much at once: at most :max.', 'file' => 'The file is larger than :max kilobytes.'],
    'min' => ['string' => 'That is too short: at least :min characters.', 'numeric' => 'At least :min.'],
    'not_in' => 'Zero would change nothing.',
    'not_regex' => 'One stretch of the day, for example 13:00–17:00.',
    'numeric' => 'Write a number.',
    'present' => 'Nothing was written here, and it is needed.',
    'prohibited' => 'That cannot be asked for here.',
    'required' => 'Nothing was written here, and it is needed.',
    'required_if' => 'Choose one of the list.',
    'required_with' => 'Write what is to be decided, for example “pickup covers”.',
    'string' => 'Write it in words.',
    'timezone' => 'This is no time zone. Write it like Europe/Berlin or America/Chicago.',
    'unique' => 'That is taken already. Choose another.',
];
