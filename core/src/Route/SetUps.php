<?php

declare(strict_types=1);

namespace Regimen\Route;

use Regimen\Instrument\BodyOutline;
use Regimen\Instrument\Pickup;
use Regimen\Instrument\Specification;

/** What a tool is set to, so that the same set-up can serve several instruments in one go (rule of order 10). */
final class SetUps
{
    public static function key(Standard $standard, Specification $s): string
    {
        return implode(' ', [$standard->key, $standard->tool->value, ...array_map(
            static fn (mixed $value): string => is_float($value) ? (string) round($value, 2) : (string) $value,
            self::settings($standard->key, $s),
        )]);
    }

    /**
     * The template: another outline, another size or the other hand is another one.
     *
     * @return list<float|string>
     */
    private static function outline(Specification $s): array
    {
        $drawn = $s->bodywork->outline === BodyOutline::Imported ? substr(hash('sha256', $s->bodywork->outlineSvg), 0, 12) : '';

        return [$s->bodywork->outline->value.$drawn, $s->bodywork->bodyWidth->mm, $s->brief->hand->value];
    }

    /** @return list<float|int|string> */
    private static function settings(string $key, Specification $s): array
    {
        return match ($key) {
            'neck.channel' => [$s->neck->rodWidth->mm, $s->neck->rodDepth->mm],
            'neck.outline' => [$s->board->scale->mm, $s->board->nutWidth->mm, $s->board->lastWidth->mm, $s->brief->hand->value, $s->head->tunerLayout->value],
            'neck.headstock-thickness' => [$s->head->headThickness->mm],
            'neck.tuner-holes' => [$s->head->tunerHole->mm],
            'neck.carve' => [$s->neck->profile->value, $s->neck->thicknessFirst->mm, $s->neck->thicknessTwelfth->mm],
            'fretboard.thickness' => [$s->board->boardThickness->mm],
            'fretboard.slots' => [$s->board->scale->mm, $s->board->slotWidth->mm, $s->board->slotDepth->mm],
            'fretboard.taper' => [$s->board->nutWidth->mm, $s->board->lastWidth->mm],
            'fretboard.radius' => [$s->board->radius->mm, $s->board->radiusEnd->mm],
            'fretboard.fret' => [$s->board->crownWidth->mm, $s->board->tangDepth->mm],
            'body.thickness' => [$s->bodyThickness()->mm],
            'body.outline' => self::outline($s),
            'body.cavities' => [...self::outline($s), ...array_map(static fn (Pickup $pickup): string => $pickup->kind->value, $s->electrics->pickups)],
            'joint.pocket' => [$s->joinery->heelWidth->mm, $s->joinery->pocketDepth->mm, $s->joinery->neckAngle],
            default => [],
        };
    }
}
