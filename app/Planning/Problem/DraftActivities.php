<?php

declare(strict_types=1);

namespace App\Planning\Problem;

use App\Planning\House\House;
use App\Support\Clock;
use Regimen\Costing\Kit;
use Regimen\Costing\KitState;
use Regimen\Route\Operation;
use Regimen\Route\Route;
use Regimen\Schedule\Problem\Activity;
use Regimen\Schedule\Problem\ActivityId;
use Regimen\Schedule\Problem\BuildId;
use Regimen\Schedule\Problem\Predecessor;
use Regimen\Schedule\Problem\SetUp;

/** The activities of a build that is only thought of. */
final readonly class DraftActivities
{
    public function __construct(private House $house, private Air $air, private LeadTimes $leads, private Clock $clock)
    {
    }

    /**
     * @param  int  $place  among the builds that are only thought of
     * @return list<Activity> of the build that is only thought of
     */
    public function of(Route $route, Kit $kit, int $place = 0): array
    {
        $build = BuildId::draft($place)->number;
        $positions = $route->positions();
        $number = static fn (string $key): int => ActivityId::draft($positions[$key], $place)->number;
        $waits = new KitWaits($this->clock->today($this->house->zone()), $this->house->zone(), $this->leads);
        foreach ($kit->lines as $line) {
            $waits->add($line->group, $line->name, KitState::Needed, null, $line->price->leadDays, $line->price->supplier);
        }
        $before = [];
        foreach ($route->links as $link) {
            $before[$link->after][] = new Predecessor($number($link->before));
        }

        return array_map(fn (Operation $operation): Activity => new Activity(
            $number($operation->key),
            $build,
            $operation->work()->minutes,
            $this->air->stretched($operation->hold->minutes, $operation->holdKind),
            $operation->standard->skill->value,
            [
                ...$before[$operation->key] ?? [],
                ...$waits->leads($operation->needs, $number)[0],
            ],
            Demands::of(
                $build, $operation->pieces, $operation->standard->station, $operation->standard->fixture,
                $operation->standard->fixtures,
            ),
            oneSitting: $operation->standard->oneSitting,
            hands: $operation->hands,
            alone: $operation->alone,
            setUp: $operation->setUpKey === '' || $operation->setUp->minutes === 0
                ? null
                : new SetUp($operation->setUpKey, $operation->setUp->minutes, $operation->standard->station),
        ), $route->operations);
    }
}
