<?php

declare(strict_types=1);

namespace Regimen\Setback;

use Regimen\Parts\PartGroup;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Standards\Piece;

/** What is made as a thing of its own, can lie in stock, and can go from one instrument to another. */
enum PieceKind: string
{
    case Neck = 'neck';
    case Fretboard = 'fretboard';
    case Body = 'body';
    case Top = 'top';

    /** What operations say they are done on; a top is made on its own and is a part of the body once it is glued on. */
    public function piece(): Piece
    {
        return match ($this) {
            self::Neck => Piece::Neck,
            self::Fretboard => Piece::Fretboard,
            self::Body, self::Top => Piece::Body,
        };
    }

    public static function of(Piece $piece): self
    {
        return match ($piece) {
            Piece::Neck => self::Neck,
            Piece::Fretboard => self::Fretboard,
            Piece::Body => self::Body,
        };
    }

    /** What it is cut from. */
    public function timber(): PartGroup
    {
        return match ($this) {
            self::Neck => PartGroup::NeckTimber,
            self::Fretboard => PartGroup::FretboardTimber,
            self::Body, self::Top => PartGroup::BodyTimber,
        };
    }

    /** @return list<string> operations that are done on a top before it is on its body */
    public static function ofTop(): array
    {
        return [BodyOperation::Layers->value];
    }

    /** With which a top becomes a part of its body. */
    public static function topIsOn(): string
    {
        return BodyOperation::GlueLayers->value;
    }
}
