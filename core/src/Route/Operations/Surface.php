<?php

declare(strict_types=1);

namespace Regimen\Route\Operations;

use Regimen\Route\Entry\RouteKey;
use Regimen\Route\Standards\Piece;

/** What is finished in one go: the body, the neck, or both together once the neck is in. */
enum Surface: string
{
    case Body = 'finish.body';
    case Neck = 'finish.neck';
    case Both = 'finish';

    public function seal(): RouteKey
    {
        return match ($this) {
            self::Body => CoatStep::BodySeal,
            self::Neck => CoatStep::NeckSeal,
            self::Both => FinishOperation::Seal,
        };
    }

    /** The last coat, with the hold to full cure. */
    public function cure(): CoatStep
    {
        return match ($this) {
            self::Body => CoatStep::BodyCure,
            self::Neck => CoatStep::NeckCure,
            self::Both => CoatStep::Cure,
        };
    }

    public function level(): RouteKey
    {
        return match ($this) {
            self::Body => CoatStep::BodyLevel,
            self::Neck => FinishOperation::LevelNeck,
            self::Both => FinishOperation::Level,
        };
    }

    public function polish(): RouteKey
    {
        return match ($this) {
            self::Body => CoatStep::BodyPolish,
            self::Neck => FinishOperation::PolishNeck,
            self::Both => FinishOperation::Polish,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Body => ' on the body',
            self::Neck => ' on the neck',
            self::Both => '',
        };
    }

    /** @return list<Piece> */
    public function pieces(): array
    {
        return match ($this) {
            self::Body => [Piece::Body],
            self::Neck => [Piece::Neck, Piece::Fretboard],
            self::Both => Piece::cases(),
        };
    }
}
