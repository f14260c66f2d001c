<?php

declare(strict_types=1);

namespace App\Queries\Bench;

use App\Models\Gate\Reading;
use App\Pages\Gate\ReadChart;
use App\Support\Say;
use Illuminate\Database\Eloquent\Collection;
use Regimen\Inspection\Charts\Capability;
use Regimen\Inspection\Charts\HeldTolerance;
use Regimen\Inspection\Charts\IndividualsChart;
use Regimen\Inspection\Target;
use Regimen\Units\Words;

/** The same line on instruments before: one value each, as far from what was wanted (CALCULATIONS B7, B8). */
final class ReadBefore
{
    private const LATEST = 60;

    /**
     * @param  string  $operation  key on the route
     * @return list<ReadValue> the earliest first
     */
    public static function of(string $operation, Target $target): array
    {
        $rows = Reading::query()->counting()->join('operations', 'operations.id', '=', 'readings.operation_id')
            ->where('operations.key', $operation)->where('readings.line', $target->key())
            ->whereColumn('readings.round', 'operations.gate_round')
            ->with('person:id,name')->orderByDesc('readings.id')->limit(self::LATEST * max(2, count($target->places)))
            ->get(['readings.*', 'operations.build_id']);

        return array_slice(array_reverse(array_values(
            $rows->groupBy('operation_id')->map(static fn (Collection $readings): ?ReadValue => ReadValue::from($readings, $target->compares))->filter()->all(),
        )), -self::LATEST);
    }

    /** @param  list<ReadValue>  $values */
    public static function chart(string $title, array $values, Target $target): ?ReadChart
    {
        $chart = IndividualsChart::of(array_map(static fn (ReadValue $one): float => $one->value, $values));
        if ($chart === null) {
            return null;
        }
        [$least, $most] = self::limits($values[count($values) - 1]);

        return new ReadChart(
            title: $title, values: $chart->values, mean: $chart->mean, low: $chart->low, high: $chart->high, least: $least, most: $most,
            words: self::words($chart, $values, $target, $least, $most), because: self::because($chart, $target->unit, $least, $most), unit: $target->unit,
        );
    }

    /** @return array{float|null, float|null} the tolerance around what is wanted, as it was the last time */
    public static function limits(ReadValue $last): array
    {
        return [$last->low, $last->high];
    }

    /** @param  list<ReadValue>  $values */
    private static function words(IndividualsChart $chart, array $values, Target $target, ?float $least, ?float $most): string
    {
        $said = [];
        $unit = $target->unit;
        $needed = max(abs($least ?? 0.0), abs($most ?? 0.0));
        $held = $most === null ? null : HeldTolerance::of($chart, $needed, $least === null);
        if ($most === null && count($values) >= Capability::LEAST_TO_PROPOSE) {
            $said[] = 'The house leaves '.Words::plain($chart->mean - 3 * Capability::spread($chart), 1)." {$unit} at the least.";
        }
        if ($held !== null) {
            $said[] = 'The house holds '.($least === null ? '' : '± ').Words::plain($held->held, 2)." {$unit}".(
                $held->proposed === null
                    ? '; the next operation needs '.Words::plain($needed, 2)." {$unit}."
                    : ' (with 95 % between '.Words::plain($held->from, 2).' and '.Words::plain($held->to, 2).'); the tolerance could be set to that.'
            );
        }
        $drift = $chart->drift();
        if ($drift !== null) {
            $said[] = count($chart->values) - $drift.' in a row '.($chart->driftsUp() ? 'above' : 'below').' the middle, since '
                .Say::day($values[$drift]->at->toDateString()).': look at what the tool is set to.';
        }
        $capability = Capability::canDo($chart, $least, $most);
        $said[] = $capability === null
            ? count($values).' so far; from '.Capability::LEAST.' on it is told how well they fit.'
            : ($capability->cp === null ? '' : 'Cp '.Words::number($capability->cp, 1).', ').'Cpk '.Words::number($capability->cpk, 1).', '.count($values).' readings.';

        return implode(' ', $said);
    }

    private static function because(IndividualsChart $chart, string $unit, ?float $least, ?float $most): string
    {
        $number = static fn (?float $value): string => $value === null ? 'none' : Words::number($value, 3)." {$unit}";
        $did = Capability::did($chart, $least, $most);

        return 'Mean '.$number($chart->mean).', mean moving range '.$number($chart->movingRange).'; limits: mean ± 3 × moving range / 1.128, '
            .$number($chart->low).' to '.$number($chart->high).'. Tolerance '.$number($least).' to '.$number($most).'. '
            .'Cp: width of the tolerance by six standard deviations; Cpk: the nearer limit by three, of what the process can.'
            .($did === null ? '' : ' By the spread of all readings Cpk was '.Words::number($did->cpk, 2).'.')
            .' Source: NIST/SEMATECH e-Handbook 6.3.2.2 and 6.1.6.';
    }
}
