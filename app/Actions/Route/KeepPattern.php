<?php

declare(strict_types=1);

namespace App\Actions\Route;

use App\Actions\Recording;
use App\Models\Build\Build;
use App\Models\House\RoutePattern;
use App\Models\People\Person;
use App\Planning\Route\Routes;
use App\Support\Clock;
use App\Support\Refused;
use Regimen\Route\Edits\Edits;
use Regimen\Route\Edits\ImpossibleEdit;

/** Methods and changes of a route, kept as a house pattern and used on another build. */
final readonly class KeepPattern
{
    public function __construct(private Recording $recording, private ChangeRoute $changeRoute, private Clock $clock)
    {
    }

    public function keep(Person $by, Build $build, string $name): RoutePattern
    {
        return $this->recording->keep(function () use ($by, $build, $name): RoutePattern {
            if (RoutePattern::query()->where('name', $name)->exists()) {
                throw Refused::because("There is a pattern “{$name}” already. Give this one another name.", 'name');
            }
            $pattern = RoutePattern::query()->create([
                'name' => $name, 'methods' => $build->methods, 'changes' => array_values(Routes::kept($build)),
                'person_id' => $by->id, 'at' => $this->clock->now(),
            ]);
            $this->recording->log($build, $by, 'route', "Route saved as the house pattern “{$name}”.");

            return $pattern;
        });
    }

    /** @return list<string> changes that this build's route has no place for */
    public function use(Person $by, Build $build, int $version, RoutePattern $pattern): array
    {
        return $this->recording->keep(function () use ($by, $build, $version, $pattern): array {
            $this->changeRoute->reset($by, $build, $version);
            if ($pattern->methods !== []) {
                $this->changeRoute->choose($by, $build, $build->refresh()->route_version, $pattern->methods);
            }
            $left = [];
            foreach ($pattern->changes as $change) {
                try {
                    Edits::read($change);
                    $reason = "pattern “{$pattern->name}”";
                    $this->changeRoute->make($by, $build, $build->refresh()->route_version, $change, $reason);
                } catch (\Illuminate\Validation\ValidationException|ImpossibleEdit $impossible) {
                    $left[] = $impossible->getMessage();
                }
            }

            return $left;
        });
    }

    public function drop(Person $by, RoutePattern $pattern): void
    {
        $this->recording->keep(function () use ($by, $pattern): void {
            $pattern->delete();
            $this->recording->log(null, $by, 'house', "Route pattern “{$pattern->name}” deleted.");
        });
    }
}
