<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Piece;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Rule of order 3: a set neck is glued in after the body has its colour. */
final readonly class SetNeckJoint implements RouteRule
{
    public function appliesTo(Specification $specification): bool
    {
        return $specification->joinery->joint->isGlued();
    }

    public function contribute(RouteDraft $draft, Specification $specification): void
    {
        $draft->add('joint.glue-neck', [Piece::Neck, Piece::Fretboard, Piece::Body]);
        $draft->after('joint.glue-neck', ['finish.fill', 'finish.colour'], 'The body is filled and coloured first; around a neck that is in, both would leave edges.');
        $draft->after('joint.glue-neck', ['joint.dry-fit', 'neck.sand', 'body.sand'], 'What cannot be reached after joining, heel, tongue and under the overhang, is sanded and fitted before.');
    }
}
