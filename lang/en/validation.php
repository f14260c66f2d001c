<?php

declare(strict_types=1);

// What a field says when it refuses: what would be right. Sentences that the framework has and the shop never meets are left out.
return [
    'array' => 'This has to be a list.',
    'between' => ['numeric' => 'It has to be between :min and :max.'],
    'boolean' => 'This is either so or not.',
    'email' => 'This is no e-mail address. Write it like name@example.org.',
    'enum' => 'Choose one of the list.',
    'exists' => 'That has gone in the meantime. Choose another.',
    'integer' => 'Write a whole number.',
    'max' => ['string' => 'That is too long: at most :max characters.'],
    'min' => ['string' => 'That is too short: at least :min characters.'],
    'numeric' => 'Write a number.',
    'present' => 'Nothing was written here, and it is needed.',
    'required' => 'Nothing was written here, and it is needed.',
    'required_with' => 'Write what is to be decided, for example “pickup covers”.',
    'string' => 'Write it in words.',
    'timezone' => 'This is no time zone. Write it like Europe/Berlin or America/Chicago.',
    'unique' => 'That is taken already. Choose another.',
];
