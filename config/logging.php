<?php

declare(strict_types=1);

// A log that cannot be written keeps nobody from working: what fails is told on the page all the same.
return [
    'default' => 'quiet',
    'channels' => [
        'quiet' => ['driver' => 'stack', 'channels' => [env('LOG_CHANNEL', 'single')], 'ignore_exceptions' => true],
        'single' => [
            'driver' => 'single', 'path' => storage_path('logs/laravel.log'), 'level' => 'debug', 'permission' => 0600,
            'replace_placeholders' => true,
        ],
    ],
];
