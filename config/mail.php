<?php

declare(strict_types=1);

// Mail stands in the log until the shop says how it is sent.
return [
    'default' => env('MAIL_MAILER', 'log'),
    'mailers' => [
        'log' => ['transport' => 'log'],
        'array' => ['transport' => 'array'],
        'smtp' => [
            'transport' => 'smtp', 'host' => env('MAIL_HOST', '127.0.0.1'), 'port' => env('MAIL_PORT', 25),
            'username' => env('MAIL_USERNAME'), 'password' => env('MAIL_PASSWORD'), 'timeout' => 10,
        ],
    ],
    'from' => ['address' => env('MAIL_FROM_ADDRESS', 'regimen@localhost'), 'name' => 'Regimen'],
];
