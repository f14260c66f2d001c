<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Body;

use Regimen\Figures\Workings;
use Regimen\Instrument\Body\CavityKind;
use Regimen\Units\Words;

/** A cavity that is missing as a fix, at its usual place or the nearest with room. Sizes are common practice. */
final class NewCavity
{
    /** Length, width, depth, behind the scale line, off the centre. */
    private const USUAL = [
        'control' => [
            [110.0, 42.0, 38.0, 10.0, -90.0], [70.0, 35.0, 30.0, 10.0, -80.0], [45.0, 30.0, 25.0, 0.0, -70.0],
        ],
        'battery' => [[56.0, 30.0, 22.0, 30.0, 70.0], [30.0, 56.0, 22.0, 30.0, 70.0], [54.0, 28.0, 18.0, 30.0, 60.0]],
        'springs' => [[100.0, 58.0, 16.0, -55.0, 0.0], [90.0, 52.0, 14.0, -50.0, 0.0], [80.0, 50.0, 12.0, -45.0, 0.0]],
    ];

    private const MOST = 8;

    /** @return iterable<array{string, array<string, string>}> */
    public static function ways(Workings $w, CavityKind $kind): iterable
    {
        $row = count($w->specification->bodywork->cavities);
        if ($row >= self::MOST) {
            return;
        }
        foreach (self::USUAL[$kind->value] ?? [] as [$length, $width, $depth, $behind, $across]) {
            $deep = min($depth, Words::down($w->specification->bodyThickness()->mm - 7.0));
            $place = $deep < 8.0
                ? null
                : $w->room()->placeFor($w->room()->wanted($kind, $length, $width, $deep, $behind, $across), null);
            if ($place !== null) {
                yield ["Add a {$kind->words()} cavity", [
                    "cavities.{$row}.kind" => $kind->value, "cavities.{$row}.depth" => Words::typed($deep),
                    "cavities.{$row}.length" => Words::typed($length), "cavities.{$row}.width" => Words::typed($width),
                    ...$w->room()->typed($row, $place),
                ]];
            }
        }
    }
}
