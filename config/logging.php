<?php

declare(strict_types=1);

// A file for each day, two weeks of them. A log that cannot be written keeps nobody from working: what fails is told on the page all the same.
return [
    'default' => 'quiet',
    'channels' => [
        'quiet' => ['driver' => 'stack', 'channels' => [env('LOG_CHANNEL', 'daily')], 'ignore_exceptions' => true],
        'daily' => $daily = [
            'driver' => 'daily', 'path' => storage_path('logs/laravel.log'), 'days' => 14, 'level' => 'debug', 'permission' => 0600,
            'replace_placeholders' => true,
        ],
        // As settings of before call it.
        'single' => $daily,
    ],
];
