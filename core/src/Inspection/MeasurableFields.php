<?php

declare(strict_types=1);

namespace Regimen\Inspection;

use Regimen\Instrument\Specification;

/** What can be measured on a part, by the field of the specification that it is held against. */
final class MeasurableFields
{
    /** Parts that are made here rather than bought. */
    public const MADE_HERE = [
        'neck' => ['heelWidth', 'thicknessFirst', 'thicknessTwelfth', 'nutWidth', 'headThickness', 'heelThickness', 'neckMoisture'],
        'body' => ['pocketWidth', 'pocketDepth', 'pocketLength', 'bodyMoisture', 'controlTop'],
        'fretboard' => ['boardThickness', 'nutWidth', 'lastWidth', 'slotDepth', 'boardMoisture'],
    ];

    private const BY_GROUP = [
        'neck-timber' => ['neckMoisture'],
        'fretboard-timber' => ['boardMoisture', 'boardThickness'],
        'tuners' => ['tunerHole', 'tunerWidth', 'tunerLeast', 'tunerMost', 'postHeight', 'tunerMass'],
        'bridge' => ['bridgeLeast', 'bridgeMost', 'saddleTravel', 'bridgeSpread', 'mountingSpan', 'bridgeMass'],
        'neck-screws' => ['screwLength', 'plateThickness'],
        'nut' => ['nutWidth'],
        'truss-rod' => ['rodLength', 'rodDepth', 'rodWidth'],
        'fret-wire' => ['crownWidth', 'crownHeight', 'tangDepth'],
        'electronics' => ['potThread', 'potNut', 'jackThread', 'pots', 'capacitors'],
        'strings' => ['unitMasses'],
        'binding' => ['boardBinding', 'bodyBinding'],
    ];

    /**
     * @param  string  $group  of the kit line
     * @return list<string> fields; `pickups.0.resistance` inside a row
     */
    public static function of(string $group, Specification $specification): array
    {
        return match ($group) {
            'pickups' => self::inRows('pickups', count($specification->electrics->pickups), ['resistance', 'spread', 'depth']),
            'body-timber' => ['bodyMoisture', ...self::inRows('layers', count($specification->bodywork->layers), ['thickness'])],
            default => self::BY_GROUP[$group] ?? [],
        };
    }

    /**
     * @param  list<string>  $columns
     * @return list<string>
     */
    private static function inRows(string $rows, int $count, array $columns): array
    {
        $fields = [];
        for ($index = 0; $index < $count; $index++) {
            foreach ($columns as $column) {
                $fields[] = "{$rows}.{$index}.{$column}";
            }
        }

        return $fields;
    }
}
