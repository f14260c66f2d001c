<?php

declare(strict_types=1);

namespace Regimen\Revision;

use Regimen\Costing\Kit;
use Regimen\Costing\KitLine;
use Regimen\Figures\Figure;
use Regimen\Figures\FigureBook;
use Regimen\Figures\Workings;
use Regimen\Findings\Checks\RuleBook;
use Regimen\Findings\Finding;
use Regimen\Instrument\Reading\ReadSpecification;
use Regimen\Instrument\Reading\SpecificationFields;
use Regimen\Route\Operation;
use Regimen\Route\Route;

/** What is different between two revisions, and what follows from it. */
final class Comparison
{
    /** @return list<RevisedValue> values, by the label of their field */
    public static function values(ReadSpecification $before, ReadSpecification $after): array
    {
        $changes = [];
        foreach (SpecificationFields::all() as $field) {
            $was = $before->printed($field);
            $is = $after->printed($field);
            if ($was !== $is) {
                $changes[] = $field->key === 'outlineSvg'
                    ? new RevisedValue($field->label, $was === '' ? '' : 'one path', $is === '' ? '' : 'another path')
                    : new RevisedValue($field->label, $was, $is);
            }
        }

        return $changes;
    }

    /** @return list<RevisedValue> figures that stand beside the fields and read differently */
    public static function figures(Workings $before, Workings $after): array
    {
        $shown = static function (Workings $workings): array {
            $figures = [];
            foreach (FigureBook::figures($workings) as $figure) {
                $figures[$figure->key] = $figure;
            }

            return array_filter($figures, static fn (Figure $figure): bool => $figure->group !== '');
        };
        $was = $shown($before);
        $is = $shown($after);
        $changes = [];
        foreach ($was + $is as $key => $figure) {
            $one = isset($was[$key]) ? self::measured($was[$key]) : '';
            $other = isset($is[$key]) ? self::measured($is[$key]) : '';
            if ($one !== $other) {
                $changes[] = new RevisedValue(($is[$key] ?? $figure)->name, $one, $other);
            }
        }

        return $changes;
    }

    private static function measured(Figure $figure): string
    {
        return $figure->shown().($figure->unit === 'mm' ? ' mm' : '');
    }

    /** @return array{gone: list<Finding>, new: list<Finding>} */
    public static function findings(Workings $before, Workings $after): array
    {
        $byKey = static function (Workings $workings): array {
            $findings = [];
            foreach (RuleBook::findings($workings) as $finding) {
                $findings[$finding->key] = $finding;
            }

            return $findings;
        };
        $was = $byKey($before);
        $is = $byKey($after);

        return ['gone' => array_values(array_diff_key($was, $is)), 'new' => array_values(array_diff_key($is, $was))];
    }

    /** @return list<RevisedValue> kit lines no longer needed, newly needed, or in another amount */
    public static function kit(Kit $before, Kit $after): array
    {
        return self::matched(self::amounts($before), self::amounts($after));
    }

    /** @return array<string, string> */
    private static function amounts(Kit $kit): array
    {
        $amounts = [];
        foreach ($kit->lines as $line) {
            $amounts[$line->name] = self::amount($line);
        }

        return $amounts;
    }

    private static function amount(KitLine $line): string
    {
        return round($line->quantity, 2).' '.$line->price->unit;
    }

    /** @return list<RevisedValue> operations added and dropped, or with other hours */
    public static function operations(Route $before, Route $after): array
    {
        return self::matched(self::hours($before), self::hours($after));
    }

    /** @return array<string, string> */
    private static function hours(Route $route): array
    {
        $hours = [];
        foreach ($route->operations as $operation) {
            $hours[$operation->name] = self::workOf($operation);
        }

        return $hours;
    }

    private static function workOf(Operation $operation): string
    {
        return $operation->work()->hours() === 0.0 ? 'a hold' : round($operation->work()->hours(), 2).' h';
    }

    /**
     * @param  array<string, string>  $before
     * @param  array<string, string>  $after
     * @return list<RevisedValue>
     */
    private static function matched(array $before, array $after): array
    {
        $changes = [];
        foreach (array_keys($before + $after) as $name) {
            $was = $before[$name] ?? '';
            $is = $after[$name] ?? '';
            if ($was !== $is) {
                $changes[] = new RevisedValue((string) $name, $was, $is);
            }
        }

        return $changes;
    }
}
