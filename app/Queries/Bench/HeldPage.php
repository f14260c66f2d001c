<?php

declare(strict_types=1);

namespace App\Queries\Bench;

use App\Models\Gate\Reading;
use App\Pages\Bench\HeldBy;
use App\Pages\Bench\HeldLine;
use App\Pages\Bench\HeldProps;
use App\Support\Say;
use Illuminate\Database\Eloquent\Collection;
use Regimen\Inspection\Target;
use Regimen\Route\Operations\Operations;
use Regimen\Units\Words;

/** How well the house works: each reading that comes again with every instrument, with its limits and who read it with what. */
final readonly class HeldPage
{
    private const LATEST = 60;

    private const LEAST = 2;

    public function data(): HeldProps
    {
        $rows = Reading::query()->counting()->join('operations', 'operations.id', '=', 'readings.operation_id')
            ->whereColumn('readings.round', 'operations.gate_round')->where('readings.unit', '!=', '')
            ->with('person:id,name')->orderByDesc('readings.id')->limit(20_000)
            ->get(['readings.*', 'operations.key as operation_key', 'operations.name as operation_name']);
        $lines = [];
        foreach ($rows->groupBy(static fn (Reading $one): string => "{$one->getAttribute('operation_key')} {$one->line}") as $readings) {
            $line = $this->line($readings);
            $line === null || $lines[] = $line;
        }
        $drifts = static fn (HeldLine $one): bool => str_contains($one->chart->words, 'in a row');
        // What wants to be looked at stands first.
        usort($lines, static fn (HeldLine $a, HeldLine $b): int => [$drifts($b), count($b->chart->values), $a->chart->title] <=> [$drifts($a), count($a->chart->values), $b->chart->title]);
        $drifting = count(array_filter($lines, $drifts));

        return new HeldProps(
            headline: match (true) {
                $lines === [] => 'Nothing has been measured twice yet',
                $drifting === 0 => Say::count(count($lines), 'reading').' come again, and none of them drifts',
                $drifting === 1 => 'One of '.count($lines).' readings drifts',
                default => "{$drifting} of ".count($lines).' readings drift',
            },
            lines: $lines,
        );
    }

    /** @param  Collection<int, Reading>  $readings  of one line, the latest first */
    private function line(Collection $readings): ?HeldLine
    {
        $last = $readings->firstOrFail();
        $compares = $this->compares($last);
        $values = array_values(array_filter($readings->reverse()->groupBy('operation_id')
            ->map(static fn (Collection $one): ?ReadValue => ReadValue::from($one, $compares))->all()));
        $values = array_slice($values, -self::LATEST);
        if (count($values) < self::LEAST) {
            return null;
        }
        $what = str_replace('-', ' ', $last->line);
        $target = Target::recorded($what, $last->tool, $last->unit);
        $chart = ReadBefore::chart(ucfirst($what).', '.count($values), $values, $target);

        return $chart === null ? null : new HeldLine(
            key: "{$last->getAttribute('operation_key')}-{$last->line}", operation: (string) $last->getAttribute('operation_name'), chart: $chart, by: self::by($values, $last->unit),
        );
    }

    /** What the difference of two sides is divided by, at the gate that it belongs to. */
    private function compares(Reading $reading): int
    {
        return match (true) {
            Operations::gateAfter((string) $reading->getAttribute('operation_key')) === null => 0,
            str_starts_with($reading->line, 'off-the-centre') => 2,
            str_starts_with($reading->line, 'centre-line') => 1,
            default => 0,
        };
    }

    /**
     * @param  list<ReadValue>  $values
     * @return list<HeldBy> who and with what
     */
    private static function by(array $values, string $unit): array
    {
        $by = [];
        foreach ($values as $one) {
            $by["{$one->by}, {$one->tool}"][] = $one->value;
        }
        $lines = [];
        foreach ($by as $who => $all) {
            $mean = array_sum($all) / count($all);
            $lines[] = new HeldBy(
                who: (string) $who, count: count($all),
                words: ($mean > 0 ? '+' : '').Words::plain($mean, 2)." {$unit}".(count($all) < 2 ? '' : ', from '.Words::plain(min($all), 2).' to '.Words::plain(max($all), 2)),
            );
        }

        return $lines;
    }
}
