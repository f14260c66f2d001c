<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Models\Build\Build;
use App\Pages\Route\TriedRoute;
use App\Planning\House\House;
use App\Planning\Plan\WhatFollows;
use App\Planning\Route\Drafting;
use App\Planning\Route\Routes;
use App\Planning\Route\RouteTrial;
use App\Queries\Route\RoutePage;
use App\Support\Say;

/** What a change would do, said while it is still being thought of. */
final readonly class TriedChange
{
    public function __construct(
        private House $house,
        private Drafting $drafting,
        private Routes $routes,
        private WhatFollows $whatFollows,
    ) {
    }

    /**
     * @param  array<string, mixed>  $change
     */
    public function of(Build $build, array $change): TriedRoute
    {
        $build->load('specification');
        $trial = RouteTrial::change($build, $change, $this->drafting, $this->routes, $this->house);
        if ($trial->after === null || $trial->problem !== null) {
            return new TriedRoute(
                problem: $trial->problem,
                words: $trial->words,
                broken: [],
                needsReason: false,
                follows: [],
            );
        }
        $hours = $trial->after->route->work()->hours() - $trial->before->route->work()->hours();
        [$before, $after] = $this->whatFollows->of($build, $trial->after);
        $day = fn ($instant): string => $instant === null
            ? 'none, it cannot be planned'
            : Say::day($instant->setTimezone($this->house->zone())->toDateString());

        return new TriedRoute(
            problem: null,
            words: $trial->words,
            broken: array_map(RoutePage::broken(...), $trial->broken),
            needsReason: $trial->stops() !== [],
            follows: [
                abs($hours) < 0.01
                    ? 'The hours stay the same.'
                    : Say::figure(abs($hours)).' h '.($hours > 0 ? 'more' : 'fewer').'.',
                'Planned finish '.$day($after).(
                    $before?->toDateString() === $after?->toDateString() ? ', as before.' : ', now '.$day($before).'.'
                ),
            ],
        );
    }
}
