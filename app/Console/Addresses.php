<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Support\Facades\Route as Router;
use Tighten\Ziggy\Ziggy;

/** The application's addresses by name, for the front end: all of them, and those that somebody gets who is not signed in. */
final class Addresses
{
    private const HEAD = "// Written by `./regimen types` from routes/web.php. Do not edit: name the route there.\n";

    /** @return array<string, string> what is in which file of resources/js/lib/addresses */
    public function files(): array
    {
        $all = (new Ziggy)->filter(['up', 'storage.*', 'ignition.*'], false)->toArray();
        // Paths without a host: the shop is wherever it is opened.
        $all['url'] = 'http://localhost';
        $all['port'] = null;
        $public = $all;
        $public['routes'] = array_intersect_key($all['routes'], array_flip(self::public()));

        return ['all.ts' => self::written($all), 'public.ts' => self::written($public)];
    }

    /** @return list<string> names of the routes that ask for no sign-in */
    private static function public(): array
    {
        $names = [];
        foreach (Router::getRoutes()->getRoutesByName() as $name => $route) {
            // A client’s page is no page of the front end.
            if (! in_array('auth', $route->gatherMiddleware(), true) && ! str_starts_with((string) $name, 'client.')) {
                $names[] = (string) $name;
            }
        }

        return $names;
    }

    /** @param  array<string, mixed>  $addresses */
    private static function written(array $addresses): string
    {
        return self::HEAD.'export const addresses = '
            .json_encode($addresses, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR).";\n";
    }
}
