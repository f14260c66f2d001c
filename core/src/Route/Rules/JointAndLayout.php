<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Piece;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Nothing is laid out from the outline: the fitted neck gives the centre line, the scale gives the bridge. */
final readonly class JointAndLayout implements RouteRule
{
    public function appliesTo(Specification $specification): bool
    {
        return true;
    }

    public function contribute(RouteDraft $draft, Specification $specification): void
    {
        $draft->add('joint.pocket', [Piece::Neck, Piece::Body]);
        $draft->after('joint.pocket', 'neck.outline', 'The pocket is fitted to its own neck.');
        $draft->after('joint.pocket', ['body.outline', 'body.thickness'], 'Its depth is taken from the finished body.');
        $draft->add('joint.bridge', [Piece::Neck, Piece::Body]);
        $draft->after('joint.bridge', 'joint.pocket', 'The fitted neck gives the true centre line and the scale gives the saddle line.');
        $draft->after('joint.bridge', 'parts.measure', 'The bridge that arrived, not its data sheet, gives the holes.');
        $draft->after('body.cavities', 'joint.bridge', 'Pickups are laid out after the bridge.');
        $draft->add('joint.dry-fit', [Piece::Neck, Piece::Fretboard, Piece::Body]);
        $draft->after('joint.dry-fit', ['neck.sand', 'body.sand', 'body.wiring', 'neck.tuner-holes', 'joint.bridge'], 'All holes are drilled and everything is fitted dry before any finish.');
    }
}
