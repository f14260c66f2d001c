<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods;
use Regimen\Route\Piece;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Strung, and left to settle under tension. */
final readonly class SetUp implements RouteRule
{
    public function name(): string
    {
        return 'Strung and settled';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return true;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add('set-up.string', [Piece::Neck, Piece::Fretboard, Piece::Body], ['strings'], why: 'Relief, action, intonation and pickup heights make it play.');
        $draft->after('set-up.string', ['set-up.frets', 'assembly.hardware'], 'Action is set over level frets.');
        $draft->after('set-up.string', 'electronics.install', 'Pickup heights are set by ear.');
    }
}
