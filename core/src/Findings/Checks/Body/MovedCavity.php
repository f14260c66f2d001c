<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Body;

use Regimen\Figures\Workings;
use Regimen\Geometry\Footprint;
use Regimen\Units\Words;

/** A cavity in another place as a fix, smaller where there is no room for it as it is. */
final class MovedCavity
{
    /** Shares of its length and width that are tried. */
    private const SIZES = [1.0, 0.8, 0.6, 0.45];

    /** A back cavity shallow enough to lie under a pickup leaves so much under it, in mm. */
    private const LEFT_MM = 7.0;

    /** @return iterable<array{string, array<string, string>}> */
    public static function ways(Workings $w, int $row, Footprint $cut): iterable
    {
        foreach (self::SIZES as $share) {
            $smaller = Footprint::around(
                $cut->name, $cut->middle(), $cut->along->length() * $share, $cut->across->length() * $share,
                min($cut->depth, $w->specification->bodyThickness()->mm - self::LEFT_MM), true,
            );
            $place = $w->room()->placeFor($smaller, $row);
            if ($place !== null) {
                $away = $place->distanceTo($cut->middle());
                $size = $share === 1.0 ? [] : [
                    "cavities.{$row}.length" => Words::typed(Words::down($cut->along->length() * $share)),
                    "cavities.{$row}.width" => Words::typed(Words::down($cut->across->length() * $share)),
                ];
                yield [
                    ($share === 1.0 ? 'Move it by ' : 'Make it smaller and move it by ').Words::mm($away, 0),
                    [...$size, ...$w->room()->typed($row, $place)],
                ];
                yield [
                    ($share === 1.0 ? 'Move it by ' : 'Make it smaller, move it by ').Words::mm($away, 0).' and make it '
                        .Words::mm($smaller->depth).' deep',
                    [
                        ...$size,
                        ...$w->room()->typed($row, $place),
                        "cavities.{$row}.depth" => Words::typed(max(1.0, Words::down($smaller->depth))),
                    ],
                ];

                return;
            }
        }
    }
}
