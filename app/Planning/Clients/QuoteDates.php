<?php

declare(strict_types=1);

namespace App\Planning\Clients;

use App\Models\Client\Quote;
use App\Planning\House\House;
use App\Planning\Plan\Standings;
use App\Planning\Problem\ShopProblem;
use App\Planning\Route\HeldPlaces;
use App\Support\Minutes;
use Regimen\Schedule\Policy\PlanOrder;
use Regimen\Schedule\Problem\BuildId;

/** When what is quoted would be ready, if it were accepted now: in one plan behind everything promised, in the order in which quotes were given. */
final readonly class QuoteDates
{
    public function __construct(private HeldPlaces $held, private ShopProblem $problem, private Standings $standings, private House $house)
    {
    }

    /** @return array<int, string|null> the day by quote; null where it cannot be planned */
    public function all(): array
    {
        return array_map(fn (array $one): ?string => $one[2] === null ? null : Minutes::toInstant($one[2])->setTimezone($this->house->zone())->toDateString(), $this->spans());
    }

    /** @return array<int, array{Quote, int|null, int|null}> by quote: when its first operation would begin and its last be over; null where it cannot be planned */
    public function spans(): array
    {
        $held = $this->held->all();
        if ($held === []) {
            return [];
        }
        $problem = $this->problem->assemble([], array_map(static fn (array $one): array => $one[1], $held));
        $plan = (new PlanOrder($problem, $this->standings->read()))->planned()->plan;
        $spans = [];
        foreach ($held as $place => [$quote, $activities]) {
            $starts = [];
            foreach ($activities as $activity) {
                $start = $plan->assignments[$activity->id]->start ?? null;
                $start === null || $starts[] = $start;
            }
            $spans[$quote->id] = [$quote, $starts === [] ? null : min($starts), $plan->finishOf(BuildId::draft($place)->number, $problem)];
        }

        return $spans;
    }
}
