<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Piece;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** A bolted neck: holes after the last shaping of the heel. */
final readonly class BoltOnJoint implements RouteRule
{
    public function appliesTo(Specification $specification): bool
    {
        return ! $specification->joinery->joint->isGlued();
    }

    public function contribute(RouteDraft $draft, Specification $specification): void
    {
        $draft->add('joint.screws', [Piece::Neck, Piece::Fretboard, Piece::Body], ['hardware']);
        $draft->after('joint.screws', ['neck.sand', 'joint.pocket'], 'The last shaping and sanding of the heel moves the neck a hair.');
        $draft->after('joint.screws', 'body.sand', 'Sanding at the pocket moves the neck a hair.');
        $draft->after('joint.dry-fit', 'joint.screws', 'The neck is screwed on to try the strings.');
    }
}
