<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods;
use Regimen\Route\Piece;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Everything goes together on cured finish. */
final readonly class Assembly implements RouteRule
{
    public function name(): string
    {
        return 'Hardware on cured finish';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return true;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add('assembly.hardware', [Piece::Neck, Piece::Fretboard, Piece::Body], ['tuners', 'bridge', 'strap-buttons'], why: 'Everything was fitted dry before; now it stays.');
        $draft->after('assembly.hardware', ['finish.body.cure', 'finish.neck.cure', 'finish.cure', 'finish.body.polish', 'finish.neck.polish', 'finish.polish'], 'Hardware prints into finish that has not cured.', 'The print stays in the finish.');
        $draft->after('assembly.hardware', ['fretboard.fret', 'neck.sand'], 'The neck goes on with its frets in.', 'Behind an assembled neck the frets cannot be supported.');
        $draft->after('assembly.hardware', ['electronics.install', 'body.sand', 'joint.dry-fit'], 'Covers close what has been tap-tested.');
    }
}
