<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'file'),
    'lifetime' => 720,
    'expire_on_close' => true,
    'files' => storage_path('framework/sessions'),
    'cookie' => 'regimen-session',
    'http_only' => true,
    'same_site' => 'strict',
];
