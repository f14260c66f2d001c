<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\SetUp;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\AssemblyOperation;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** Frets are levelled on a neck that is straight and fixed. */
final readonly class FretLevel implements RouteRule
{
    public function name(): string
    {
        return 'Frets are levelled on a fixed neck';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return true;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(
            AssemblyOperation::LevelFrets, [Piece::Neck, Piece::Fretboard, Piece::Body],
            why: 'No string buzzes on a level fret.',
        );
        $draft->after(
            AssemblyOperation::LevelFrets, [AssemblyOperation::Hardware, FretboardOperation::Fret],
            'Frets are levelled on a neck that is straight and fixed.',
        );
    }
}
