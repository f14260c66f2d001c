<?php

declare(strict_types=1);

namespace App\Actions\Route;

use App\Actions\Plan\Changes\Kinds\UseMethod;
use App\Actions\Plan\Changes\Tools;
use App\Actions\Plan\MakeChange;
use App\Actions\Recording;
use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\RouteChange;
use App\Models\People\Person;
use App\Planning\House\House;
use App\Planning\Route\Drafting;
use App\Planning\Route\Routes;
use App\Planning\Route\RouteSync;
use App\Planning\Route\RouteTrial;
use App\Planning\Specification\Revisions;
use App\Support\Clock;
use App\Support\Refused;
use Illuminate\Validation\ValidationException;
use Regimen\Route\Judge\Damage;

/** Makes, undoes and resets changes to a build's derived route. What would be spoiled needs a written reason. */
final readonly class ChangeRoute
{
    public function __construct(
        private Recording $recording,
        private House $house,
        private Drafting $drafting,
        private Routes $routes,
        private RouteSync $sync,
        private MakeChange $makeChange,
        private Tools $tools,
        private Clock $clock,
    ) {
    }

    /** @param  array<string, mixed>  $change  as the core reads it */
    public function make(Person $by, Build $build, int $version, array $change, string $reason): RouteChange
    {
        return $this->change($build, $version, function () use ($by, $build, $change, $reason): RouteChange {
            $begun = RouteTrial::untouched($build, ...self::touches($change));
            $trial = $begun === null
                ? RouteTrial::change($build, $change, $this->drafting, $this->routes, $this->house)
                : null;
            if ($begun !== null || $trial === null || $trial->problem !== null) {
                throw Refused::because($begun ?? $trial->problem ?? '', 'change');
            }
            $stops = $trial->stops();
            if ($stops !== [] && $reason === '') {
                throw Refused::because(
                    'It would spoil something for good: '.self::said($stops).' Write down why it is done all the same.',
                    'reason',
                );
            }
            $made = RouteChange::query()->create(
                [
                    'build_id' => $build->id, 'body' => $change, 'words' => $trial->words, 'reason' => $reason,
                    'person_id' => $by->id, 'at' => $this->clock->now(),
                ],
            );
            $this->derive(
                $by,
                $build,
                'Route changed: '.$trial->words.($stops === [] ? '' : ' Despite: '.self::said($stops))
                    .($reason === '' ? '' : " Reason: {$reason}"),
            );

            return $made;
        });
    }

    public function undo(Person $by, Build $build, int $version, RouteChange $change): void
    {
        $this->change($build, $version, function () use ($by, $build, $change): void {
            if ($change->build_id !== $build->id || $change->getAttribute('undone_at') !== null) {
                throw Refused::because('That change is undone already.');
            }
            $change->update(['undone_at' => $this->clock->now()]);
            $this->derive($by, $build, "Route change undone: {$change->words}");
        });
    }

    /** Back to what is derived, by the house's methods. */
    public function reset(Person $by, Build $build, int $version): void
    {
        $this->change($build, $version, function () use ($by, $build): void {
            RouteChange::query()
                ->where('build_id', $build->id)
                ->whereNull('undone_at')
                ->update(['undone_at' => $this->clock->now()->toDateTimeString()]);
            $build->update(['methods' => []]);
            $this->derive(
                $by,
                $build,
                'Route reset to what is derived from the specification and the house’s methods.',
            );
        });
    }

    /** @param  array<string, string>  $answers  by question or tool; what agrees with the house is not kept; the same change as on the plan */
    public function choose(Person $by, Build $build, int $version, array $answers): void
    {
        $this->change($build, $version, function () use ($by, $build, $answers): void {
            try {
                $this->makeChange->make($by, [UseMethod::several($build->number, $answers, $this->tools)]);
            } catch (ValidationException $refused) {
                throw Refused::because($refused->getMessage(), 'method');
            }
        });
    }

    /** Takes the house standards as they stand today. */
    public function rederive(Person $by, Build $build, int $version): void
    {
        $this->change(
            $build,
            $version,
            fn () => $this->derive($by, $build, 'Route derived again, with the house standards as they stand today.'),
        );
    }

    /**
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     */
    private function change(Build $build, int $version, callable $work): mixed
    {
        return $this->recording->keep(function () use ($build, $version, $work): mixed {
            Refused::ifStale($build->route_version, $version, "The route of {$build->name()}");
            if ($build->status !== BuildStatus::Open) {
                throw Refused::because("{$build->name()} is finished or called off; its route stays as it is.");
            }
            $build->load('specification');

            return $work();
        });
    }

    private function derive(Person $by, Build $build, string $words): void
    {
        $useless = $this->sync->apply(
            $build,
            $this->drafting->draft(Revisions::read($build->specification)->orFail(), $build),
        );
        $this->recording->log($build, $by, 'route', trim($words.' '.implode(' ', $useless)));
        $this->recording->planAnew("route of {$build->number} changed");
    }

    /**
     * @param  array<string, mixed>  $change
     * @return list<string> operations that must not be begun for it
     */
    private static function touches(array $change): array
    {
        $keys = match ($change['kind'] ?? '') {
            'drop', 'split', 'times' => [$change['key'] ?? ''],
            'move' => [$change['key'] ?? '', $change['target'] ?? ''],
            'link' => [$change['after'] ?? ''],
            'add' => $change['before'] ?? [],
            'send-out' => [$change['key'] ?? '', ...(is_array($change['also'] ?? null) ? $change['also'] : [])],
            default => [],
        };

        return array_values(array_filter(is_array($keys) ? $keys : [], is_string(...)));
    }

    /** @param  list<Damage>  $stops */
    private static function said(array $stops): string
    {
        return implode(' ', array_map(static fn (Damage $stop): string => $stop->words(), array_slice($stops, 0, 4)));
    }
}
