<?php

declare(strict_types=1);

return [
    // Fixes the day for tests and pictures: an ISO 8601 instant, or @file with one in it, which is read at every request.
    'now' => env('REGIMEN_NOW'),

    // The shop's own address, for example https://bench.example.org; without one it answers to this machine's names alone.
    'address' => env('REGIMEN_ADDRESS'),

    // Whether it is reached on the shop's own network: then it answers to its numbers there as well.
    'lan' => (bool) env('REGIMEN_LAN', false),

    // Whether answers tell how long was searched for plans, for ./regimen bench.
    'timings' => (bool) env('REGIMEN_TIMINGS', false),

    // Whether it is served as a service of the machine.
    'isService' => env('REGIMEN_PROGRAM') !== null,

    // How a service is reached, as ./regimen service has written it.
    'reach' => env('REGIMEN_REACH', '8080'),

    // Proxies in front of it, by their numbers, which are believed what they say of the address they stand before.
    'proxies' => env('REGIMEN_PROXIES', ''),

    // A sign of the program as it was when it was settled for being served; worked out anew where it was not.
    'program' => env('REGIMEN_SETTLED'),

    // Whether the shop is the demo shop: only then are its sign-ins offered on the sign-in page.
    'demo' => (bool) env('REGIMEN_DEMO', false),
];
