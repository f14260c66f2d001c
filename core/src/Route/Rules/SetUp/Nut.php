<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\SetUp;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\AssemblyOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** The nut, cut to level frets. */
final readonly class Nut implements RouteRule
{
    public function name(): string
    {
        return 'The nut is cut to level frets';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return ! $specification->board->zeroFret;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(
            AssemblyOperation::Nut, [Piece::Neck, Piece::Fretboard, Piece::Body],
            why: 'It spaces the strings and sets the first position.',
        );
        $draft->after(
            AssemblyOperation::Nut, AssemblyOperation::LevelFrets, 'The height of the nut is taken from level frets.',
            'A nut cut to high frets is too low when they are levelled.',
        );
        $draft->after(AssemblyOperation::StringUp, AssemblyOperation::Nut, 'Strings lie in the nut.');
    }
}
