<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\House\HouseModel;
use App\Models\House\Resource;
use App\Models\People\AwayKind;
use App\Models\People\Person;
use App\Pages\Plan\Choices;
use App\Pages\Shop\Option;
use App\Support\Say;
use Regimen\Costing\KitState;
use Regimen\Route\Standards\Skill;

/** What there is to choose from when something is tried or fixed. */
final readonly class ChangeChoices
{
    public function all(): Choices
    {
        $option = static fn (mixed $value, string $words): Option => new Option(value: (string) $value, words: $words);

        return new Choices(
            people: array_values(
                Person::query()
                    ->where('active', true)
                    ->orderBy('id')
                    ->get()
                    ->map(static fn (Person $one): Option => $option($one->id, $one->name))
                    ->all(),
            ),
            builds: array_values(
                Build::query()
                    ->open()
                    ->orderBy('number')
                    ->get()
                    ->map(static fn (Build $one): Option => $option($one->number, $one->name()))
                    ->all(),
            ),
            resources: array_values(
                Resource::query()
                    ->where('capacity', '>', 0)
                    ->orderBy('id')
                    ->get()
                    ->map(static fn (Resource $one): Option => $option($one->id, $one->name))
                    ->all(),
            ),
            parts: array_values(
                KitLine::query()
                    ->with('build')
                    ->where('state', KitState::Ordered->value)
                    ->whereIn('build_id', Build::query()->open()->select('id'))
                    ->orderBy('expected_on')
                    ->get()
                    ->map(static fn (KitLine $one): Option => $option(
                        $one->id,
                        "{$one->build->number} {$one->name}, expected ".Say::day((string) $one->expected_on),
                    ))
                    ->all(),
            ),
            models: array_values(
                HouseModel::query()
                    ->orderBy('name')
                    ->get()
                    ->map(static fn (HouseModel $one): Option => $option($one->id, $one->name))
                    ->all(),
            ),
            away: AwayKind::choices(),
            skills: array_map(
                static fn (Skill $skill): Option => $option($skill->value, $skill->value),
                Skill::cases(),
            ),
        );
    }
}
