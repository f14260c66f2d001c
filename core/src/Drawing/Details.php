<?php

declare(strict_types=1);

namespace Regimen\Drawing;

use Regimen\Figures\Workings;
use Regimen\Geometry\Point;
use Regimen\Instrument\Brief\Hand;
use Regimen\Instrument\Electrics\PickupKind;
use Regimen\Instrument\Fretboard\MarkerShape;

/** What is let into board and body, drawn the same in every view that shows it. */
final class Details
{
    /** Timber taken out beside the outer strings for a pickup, in mm. */
    private const BESIDE_MM = 8.0;

    /** A single bridge reaches so far before its foremost saddle, in mm; common practice. */
    private const BESIDE_SADDLE_MM = 4.0;

    /** @return list<Shape> */
    public static function markers(Workings $w, string $layer): array
    {
        $board = $w->specification->board;
        $length = $board->markerDiameter->mm;
        $shapes = [];
        foreach ($w->markers()->places() as $place) {
            $half = $w->markers()->halfAcross($place->along);
            $shapes[] = $board->markers === MarkerShape::Dot
                ? Shape::circle(new Point($place->along, $place->across), $half, $layer, 'plain', Shape::SHELL)
                : Shape::box($place->along - $length / 2, -$half, $length, 2 * $half, $layer, 'plain', Shape::SHELL);
        }

        return $shapes;
    }

    /** @return list<Shape> */
    public static function pickups(Workings $w, string $style, string $fill = '', string $part = ''): array
    {
        $shapes = [];
        foreach ($w->specification->electrics->pickups as $pickup) {
            if ($pickup->kind === PickupKind::Piezo) {
                continue;
            }
            $middle = $w->specification->middleScale()->mm - $pickup->positionMm();
            $half = $w->spread()->spreadAt($middle) / 2 + self::BESIDE_MM;
            $shapes[] = Shape::box(
                $middle - $pickup->kind->lengthMm() / 2, -$half, $pickup->kind->lengthMm(), 2 * $half, 'cavities',
                $style, $fill, $part,
            );
        }

        return $shapes;
    }

    /** @return list<Shape> */
    public static function cavities(Workings $w, string $style): array
    {
        $s = $w->specification;
        $sign = $s->brief->hand === Hand::Left ? -1.0 : 1.0;
        $shapes = [];
        foreach ($s->bodywork->cavities as $cavity) {
            $shapes[] = Shape::box(
                $s->middleScale()->mm + $cavity->behind->mm - $cavity->length->mm / 2,
                $sign * $cavity->across->mm - $cavity->width->mm / 2,
                $cavity->length->mm, $cavity->width->mm, 'cavities', $style,
            );
        }

        return $shapes;
    }

    /**
     * One for each string: its outline, or its recess where it is let in.
     *
     * @return list<Shape>
     */
    public static function singleBridges(Workings $w, string $layer, string $style, string $fill = ''): array
    {
        $bridge = $w->specification->bridgework;
        $shapes = [];
        foreach ($w->strings() as $string) {
            $front = $w->spread()->saddleAlong[$string->index()] + $bridge->saddleFront->mm - self::BESIDE_SADDLE_MM;
            $shapes[] = Shape::box($front, $string->saddle->y - $bridge->singleWidth->mm / 2, $bridge->singleLength->mm, $bridge->singleWidth->mm, $layer, $style, $fill, $layer === '' ? 'electronics' : '');
        }

        return $shapes;
    }

    /** @param  float  $thick  along the strings; less than zero towards the head */
    public static function nut(Workings $w, float $thick): Shape
    {
        [$from, $to] = $w->lines()->at(0);

        return Shape::closed([$from, $to, $to->moved($thick, 0.0), $from->moved($thick, 0.0)], '', 'thin', 'paper');
    }
}
