<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The core stands in floors: each knows only those below it. */
final class FloorsTest
{
    /** From the lowest to the highest; what stands on one floor knows nothing of its neighbours on it. */
    private const FLOORS = [
        ['Units'],
        ['Geometry', 'Timber', 'Strings', 'Electronics'],
        ['Instrument'],
        ['Parts', 'Figures'],
        ['Findings', 'Drawing'],
        ['Inspection'],
        ['Route', 'Schedule'],
        ['Forecast', 'Costing', 'Invoicing', 'Setback', 'Delivery', 'Stores', 'Jigs'],
        ['Formats', 'Revision'],
    ];

    /** Within a floor: the folders that the others stand on come first. */
    private const WITHIN = [
        'Instrument' => ['Fields', 'Neck', 'Shape', 'Reading'],
        'Findings' => ['Checks'],
        'Route' => ['Air', 'Standards', 'Entry', 'Operations', 'Rules'],
        'Schedule' => ['Time', 'Problem', 'Plan', 'Tables', 'Building', 'Search', 'Policy'],
    ];

    /** @return iterable<Rule> */
    public function test_a_floor_knows_only_those_below(): iterable
    {
        foreach (self::FLOORS as $level => $floors) {
            $above = array_merge([], ...array_slice(self::FLOORS, $level + 1));
            foreach ($floors as $floor) {
                $not = [...$above, ...array_diff($floors, [$floor])];
                if ($not !== []) {
                    yield self::rule($floor, $not);
                }
            }
        }
    }

    /** @return iterable<Rule> */
    public function test_a_folder_of_a_floor_knows_only_those_before_it(): iterable
    {
        foreach (self::WITHIN as $floor => $folders) {
            foreach (array_slice($folders, 0, -1) as $place => $folder) {
                $after = array_slice($folders, $place + 1);
                yield self::rule(
                    "{$floor}\\{$folder}",
                    array_map(static fn (string $one): string => "{$floor}\\{$one}", $after),
                );
            }
        }
    }

    /** @param  list<string>  $not */
    private static function rule(string $floor, array $not): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace("Regimen\\{$floor}"))
            ->shouldNotDependOn()
            ->classes(...array_map(static fn (string $one) => Selector::inNamespace("Regimen\\{$one}"), $not))
            ->because("{$floor} stands below ".implode(', ', $not).' or beside it');
    }
}
