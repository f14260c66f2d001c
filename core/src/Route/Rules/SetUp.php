<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Piece;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Frets level, nut cut, strung, and left to settle under tension. */
final readonly class SetUp implements RouteRule
{
    public function appliesTo(Specification $specification): bool
    {
        return true;
    }

    public function contribute(RouteDraft $draft, Specification $specification): void
    {
        $all = [Piece::Neck, Piece::Fretboard, Piece::Body];
        $draft->add('set-up.frets', $all);
        $draft->after('set-up.frets', 'assembly.hardware', 'Frets are levelled on a neck that is straight and fixed.');
        $draft->add('set-up.nut', $all, ['hardware']);
        $draft->after('set-up.nut', 'set-up.frets', 'The height of the nut is taken from level frets.');
        $draft->add('set-up.string', $all, ['strings']);
        $draft->after('set-up.string', 'set-up.nut', 'Strings lie in the nut.');
        $draft->after('set-up.string', 'electronics.install', 'Pickup heights are set by ear.');
    }
}
