<?php

declare(strict_types=1);

namespace Regimen\Route\Rules\SetUp;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\AssemblyOperation;
use Regimen\Route\Operations\ElectronicsOperation;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;
use Regimen\Route\Standards\Piece;

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
        $draft->add(
            AssemblyOperation::StringUp, [Piece::Neck, Piece::Fretboard, Piece::Body],
            why: 'Relief, action, intonation and pickup heights make it play.',
        );
        $draft->after(
            AssemblyOperation::StringUp, [AssemblyOperation::LevelFrets, AssemblyOperation::Hardware],
            'Action is set over level frets.',
        );
        $draft->after(AssemblyOperation::StringUp, ElectronicsOperation::Install, 'Pickup heights are set by ear.');
    }
}
