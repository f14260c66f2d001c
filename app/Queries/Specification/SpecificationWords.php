<?php

declare(strict_types=1);

namespace App\Queries\Specification;

use App\Models\Build\SpecificationRevision;
use App\Pages\Sheet\SheetGroup;
use App\Pages\Sheet\SheetLine;
use App\Pages\Sheet\SpecificationSheet;
use App\Support\Kept;
use Regimen\Figures\FigureBook;
use Regimen\Figures\Workings;
use Regimen\Instrument\Fields\FieldKind;
use Regimen\Instrument\Reading\FieldWords;
use Regimen\Instrument\Reading\ReadSpecification;
use Regimen\Instrument\Reading\SpecificationFields;
use Regimen\Timber\Lots;

/**
 * A specification as the build sheet shows it: the values that say most, in groups, and the figures that the bench asks
 * for.
 */
final class SpecificationWords
{
    private const SHOWN = [
        'Scale and board' => [
            'scale', 'scaleTreble', 'squareFret', 'frets', 'nutWidth', '=twelfth', '=lastFret', 'lastWidth', 'boardLength', 'boardTimber', 'radius',
            'radiusEnd', '=fretWire',
        ],
        'Neck' => [
            'neckTimber', 'headstock', 'profile', 'thicknessFirst', 'thicknessTwelfth', '=underRodFirst', 'headThickness', 'joint',
            'neckAngle', '=neckSet', '=boardAboveTop', '=bridgeHeight',
        ],
        'Body and finish' => [
            'body', 'outline', 'layers', '=bodyThickness', 'backTimber', 'sideTimber', 'boxDepthTail', 'boxDepthNeck', 'bracing', '=boxVolume', 'bridge', '=weight', 'pickups', 'electronics', 'finish', 'colour',
            'boardFinish',
        ],
    ];

    /** @param  Lots  $lots  that the instrument is cut from */
    public static function of(ReadSpecification $read, SpecificationRevision $revision, Lots $lots): SpecificationSheet
    {
        return new SpecificationSheet(
            revision: $revision->number,
            released: $revision->isReleased(),
            at: $revision->at->toIso8601ZuluString(),
            groups: Kept::of('sheet', $revision->text().($lots->isEmpty() ? '' : $lots->text()), static fn (): array => self::groups($read, $lots)),
            wishes: is_string($read->values['wishes'] ?? null) ? $read->values['wishes'] : '',
        );
    }

    /** @return list<SheetGroup> */
    private static function groups(ReadSpecification $read, Lots $lots): array
    {
        $figures = [];
        foreach (FigureBook::figures(Workings::from($read, lots: $lots)) as $figure) {
            $figures[$figure->key] = $figure;
        }
        $groups = [];
        foreach (self::SHOWN as $name => $keys) {
            $lines = [];
            foreach ($keys as $key) {
                $figure = $figures[ltrim($key, '=')] ?? null;
                if ($key[0] !== '=') {
                    $lines[] = self::value($read, $key);
                } elseif ($figure !== null) {
                    $lines[] = new SheetLine(
                        name: $figure->name,
                        value: $figure->shown().($figure->unit === 'mm' ? ' mm' : ''),
                        other: $figure->other(),
                        source: 'computed',
                    );
                }
            }
            $groups[] = new SheetGroup(name: $name, lines: array_values(array_filter($lines)));
        }

        return $groups;
    }

    private static function value(ReadSpecification $read, string $key): ?SheetLine
    {
        $field = SpecificationFields::all()[$key];
        $value = $read->values[$key] ?? null;
        $words = $read->printed($field);
        $plain = in_array(
            $field->kind,
            [FieldKind::Choice, FieldKind::Timber, FieldKind::Rows, FieldKind::Text, FieldKind::Prose],
            true,
        );

        return $words === '' ? null : new SheetLine(
            name: $field->label,
            value: $words,
            other: $plain ? null : FieldWords::other($field, $value),
            source: $read->sources[$key] ?? '',
        );
    }
}
