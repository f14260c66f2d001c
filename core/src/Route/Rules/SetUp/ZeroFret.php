<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\SetUp;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\AssemblyOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

/** A zero fret carries the strings; the guide behind it only spaces them. */
final readonly class ZeroFret implements RouteRule
{
    public function name(): string
    {
        return 'A zero fret and its guide';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return $specification->board->zeroFret;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add(
            AssemblyOperation::Nut,
            [Piece::Neck, Piece::Fretboard, Piece::Body],
            standard: AssemblyOperation::Guide,
            why: 'The zero fret carries the strings, slightly taller than the others; the guide behind it spaces them.',
        );
        $draft->after(
            AssemblyOperation::Nut,
            AssemblyOperation::LevelFrets,
            'The zero fret is dressed with the others, then left that little taller.',
            'A zero fret levelled down with the others buzzes.',
        );
        $draft->after(AssemblyOperation::StringUp, AssemblyOperation::Nut, 'Strings lie in the guide.');
    }
}
