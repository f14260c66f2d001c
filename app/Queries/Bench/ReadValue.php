<?php

declare(strict_types=1);

namespace App\Queries\Bench;

use App\Models\Gate\Reading;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;

/** What one line of one instrument came to. */
final readonly class ReadValue
{
    /**
     * @param  float  $value  as far from what was wanted; of a gap, as large as it is
     * @param  float|null  $low  limits around what was wanted
     */
    private function __construct(
        public int $operation, public float $value, public ?float $low, public ?float $high, public CarbonImmutable $at, public string $by, public string $tool,
    ) {
    }

    /** @param  Collection<int, Reading>  $readings  of one line of one operation */
    public static function from(Collection $readings, int $compares): ?self
    {
        $last = $readings->sortByDesc('id')->firstOrFail();
        $mark = $last->low !== null && $last->high !== null && $compares === 0 ? ($last->mark ?? 0.0) : 0.0;
        $value = $compares === 0 ? (float) $readings->avg('value') - $mark : self::difference($readings, $compares);

        return $value === null ? null : new self(
            (int) $last->operation_id, round($value, 4), $last->low === null ? null : round($last->low - $mark, 4),
            $last->high === null ? null : round($last->high - $mark, 4), $last->at, $last->person->name, $last->tool,
        );
    }

    /** @param  Collection<int, Reading>  $readings */
    private static function difference(Collection $readings, int $by): ?float
    {
        $stations = $readings->groupBy(static fn (Reading $one): string => explode(', ', $one->place)[0]);
        $most = null;
        foreach ($stations as $sides) {
            if ($sides->pluck('place')->unique()->count() > 1) {
                $most = max($most ?? 0.0, ((float) $sides->max('value') - (float) $sides->min('value')) / $by);
            }
        }

        return $most;
    }
}
