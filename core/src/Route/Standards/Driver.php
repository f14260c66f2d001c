<?php

declare(strict_types=1);

namespace Regimen\Route\Standards;

use Regimen\Instrument\Fretboard\MarkerShape;
use Regimen\Instrument\Shape\BoardShape;
use Regimen\Instrument\Shape\BodyShape;
use Regimen\Instrument\Shape\FretMarkers;
use Regimen\Instrument\Specification;

/** What the labour of an operation grows with; standards are given for the usual amount of it. */
enum Driver: string
{
    case Frets = 'frets';
    case Strings = 'strings';
    case Pickups = 'pickups';
    case Cavities = 'cavities';
    case Markers = 'markers';
    case BoardWidth = 'board-width';
    case BoardBinding = 'board-binding';
    case BodyBinding = 'body-binding';
    case Layers = 'layers';
    case Laminations = 'laminations';
    case Fasteners = 'fasteners';
    case TrussRods = 'truss-rods';

    /** A block takes as long as three dots: its corners are cut square (house convention). */
    private const DOTS_A_BLOCK = 3;

    public function words(): string
    {
        return match ($this) {
            self::BoardWidth => 'board width, mm',
            self::BoardBinding => 'board binding, m',
            self::BodyBinding => 'body binding, m',
            self::Markers => 'markers, in dots',
            self::Layers => 'layers under the top',
            self::TrussRods => 'truss rods',
            default => $this->value,
        };
    }

    /** What standards are given for: a six-string with 22 frets, two pickups and one control cavity. */
    public function usual(): float
    {
        return match ($this) {
            self::Frets => 22.0,
            self::Strings => 6.0,
            self::Pickups => 2.0,
            self::Cavities => 3.0,
            self::Markers => 10.0,
            self::BoardWidth => 49.45,
            self::BoardBinding => 1.0,
            self::BodyBinding => 1.5,
            self::Layers => 1.0,
            self::Laminations => 3.0,
            self::Fasteners => 4.0,
            self::TrussRods => 1.0,
        };
    }

    public function of(Specification $s): float
    {
        return match ($this) {
            self::Frets => (float) ($s->board->frets + ($s->board->zeroFret ? 1 : 0)),
            self::Strings => (float) $s->brief->strings,
            self::Pickups => (float) count($s->electrics->pickups),
            self::Cavities => (float) (count($s->electrics->pickups) + max(1, count($s->bodywork->cavities))),
            self::Markers => self::dots($s),
            self::BoardWidth => ($s->board->nutWidth->mm + $s->board->lastWidth->mm) / 2,
            self::BoardBinding => BoardShape::from($s)->binding()->value / 1000,
            self::BodyBinding => BodyShape::from($s)->binding()->value / 1000,
            self::Layers => (float) max(1, count($s->bodywork->layers) - 1),
            self::Laminations => (float) $s->neck->laminations,
            self::Fasteners => (float) $s->joinery->fasteners,
            self::TrussRods => (float) $s->neck->rods,
        };
    }

    /** @param  int  $fixedPercent  share of the labour that stays whatever there is of it */
    public function factor(Specification $specification, int $fixedPercent): float
    {
        return $fixedPercent / 100 + (1 - $fixedPercent / 100) * $this->of($specification) / $this->usual();
    }

    private static function dots(Specification $s): float
    {
        return (float) (
            count(FretMarkers::from($s)->places()) * ($s->board->markers === MarkerShape::Block ? self::DOTS_A_BLOCK : 1)
        );
    }
}
