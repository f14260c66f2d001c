<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Planning\House\House;
use App\Planning\Money\Expected;
use App\Planning\Money\Standing;
use App\Support\Minutes;
use App\Support\Say;
use Carbon\CarbonImmutable;
use Regimen\Schedule\Policy\Planned;

/** Payments that would be asked for on another day if another plan were followed. */
final readonly class MovedPayments
{
    private const MOST = 12;

    public function __construct(private Standing $standing, private House $house)
    {
    }

    /** @return list<string> the first first */
    public function moved(Planned $before, Planned $after): array
    {
        $was = [];
        foreach ($this->by($before) as $one) {
            $was[$one->part->id] = $one->on;
        }
        $words = [];
        foreach ($this->by($after) as $one) {
            $old = $was[$one->part->id] ?? null;
            if ($one->on !== $old) {
                $words[] = "No. {$one->part->build->number} {$one->part->what}, {$this->house->money($one->part->amount_minor)}: ".self::day($old).' → '.self::day($one->on);
            }
        }
        $more = count($words) - self::MOST;

        return $more > 0 ? [...array_slice($words, 0, self::MOST), "and {$more} more"] : $words;
    }

    /** @return list<Expected> */
    private function by(Planned $planned): array
    {
        return $this->standing->expected(finish: static function (int $operation) use ($planned): ?CarbonImmutable {
            $finish = $planned->plan->assignments[$operation]->finish ?? null;

            return $finish === null ? null : Minutes::toInstant($finish);
        });
    }

    private static function day(?string $day): string
    {
        return $day === null ? 'not planned' : Say::day($day);
    }
}
