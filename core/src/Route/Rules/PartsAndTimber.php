<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Parts are ordered from the drawing and measured on arrival, before any cut; timber settles in the shop. */
final readonly class PartsAndTimber implements RouteRule
{
    /** The first cut into each piece. */
    private const FIRST_CUTS = ['neck.laminate', 'neck.square', 'fretboard.thickness', 'body.joint', 'body.layers'];

    public function appliesTo(Specification $specification): bool
    {
        return true;
    }

    public function contribute(RouteDraft $draft, Specification $specification): void
    {
        $draft->add('parts.order', []);
        $draft->after('parts.order', 'design.draw', 'The drawing says which parts fit.');
        $draft->add('parts.measure', [], ['hardware', 'pickups', 'electronics', 'truss-rod']);
        $draft->after('parts.measure', 'parts.order', 'Only what has been ordered arrives.');
        $draft->add('parts.timber', [], ['timber']);
        $draft->after('parts.timber', 'brief.agree', 'The specification names the timbers.');
        foreach (self::FIRST_CUTS as $cut) {
            $draft->after($cut, 'parts.measure', 'What arrives often differs from its data sheet: it is measured before any cut.');
            $draft->after($cut, 'parts.timber', 'Timber that has not settled moves after it is cut.');
        }
    }
}
