<?php

declare(strict_types=1);

return [
    // Fixes the day for tests and pictures: an ISO 8601 instant, or @file with one in it, which is read at every request.
    'now' => env('REGIMEN_NOW'),

    // Whether the shop is the demo shop: only then are its sign-ins offered on the sign-in page.
    'demo' => (bool) env('REGIMEN_DEMO', false),
];
