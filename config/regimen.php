<?php

declare(strict_types=1);

return [
    // Fixes the day for tests and pictures: an ISO 8601 instant, or @file with one in it, which is read at every request.
    'now' => env('REGIMEN_NOW'),

    // The shop's own address, for example https://bench.example.org; without one it answers to this machine's names alone.
    'address' => env('REGIMEN_ADDRESS'),

    // Proxies in front of it, by their numbers, which are believed what they say of the address they stand before.
    'proxies' => env('REGIMEN_PROXIES', ''),

    // Whether the shop is the demo shop: only then are its sign-ins offered on the sign-in page.
    'demo' => (bool) env('REGIMEN_DEMO', false),
];
