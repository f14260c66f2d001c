<?php

declare(strict_types=1);

// Each shop's database has a cache of its own: locks and counters are told by ids that another shop has too.
return [
    'default' => env('CACHE_STORE', 'file'),
    'stores' => [
        'array' => ['driver' => 'array', 'serialize' => false],
        'redis' => ['driver' => 'redis', 'connection' => 'default', 'lock_connection' => 'default'],
        'file' => [
            'driver' => 'file',
            'path' => storage_path('framework/cache/data/'.hash('xxh64', (string) env('DB_DATABASE', 'shop'))),
        ],
    ],
    'prefix' => '',
];
