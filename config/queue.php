<?php

declare(strict_types=1);

// What a worker had begun when it was killed is taken up by the next one (see App\Support\OneWorker) or, where several work,
// after longer than the longest job may take.
return [
    'default' => env('QUEUE_CONNECTION', 'database'),
    'connections' => [
        'sync' => ['driver' => 'sync'],
        'database' => [
            'driver' => 'database', 'table' => 'jobs', 'queue' => 'default', 'retry_after' => 420, 'after_commit' => true,
        ],
        'redis' => ['driver' => 'redis', 'connection' => 'default', 'queue' => 'default', 'retry_after' => 420, 'after_commit' => true],
    ],
    'failed' => ['driver' => 'database-uuids', 'database' => 'sqlite', 'table' => 'failed_jobs'],
];
