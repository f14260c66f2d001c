<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Methods;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Parts are ordered from the drawing and measured on arrival; timber settles in the shop. */
final readonly class PartsAndTimber implements RouteRule
{
    /** Cuts that take the measures of a bought part. */
    private const TAKES_A_PART = ['neck.channel', 'neck.tuner-holes', 'joint.bridge', 'body.cavities', 'electronics.harness'];

    public function name(): string
    {
        return 'Parts are measured, timber settles';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return true;
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $draft->add('parts.order', [], why: 'Lead times are the longest waits of a build.');
        $draft->after('parts.order', 'design.draw', 'The drawing says which parts fit.');
        $draft->add('parts.measure', [], ['hardware', 'pickups', 'electronics', 'truss-rod'], why: 'What arrives often differs from its data sheet; the drawing is corrected while it is only a drawing.');
        $draft->after('parts.measure', 'parts.order', 'Only what has been ordered arrives.');
        $draft->add('parts.timber', [], ['timber'], why: 'Timber that is chosen, weighed and dry enough stays where it is put.');
        $draft->after('parts.timber', 'brief.agree', 'The specification names the timbers.');
        foreach (self::TAKES_A_PART as $cut) {
            $draft->after($cut, 'parts.measure', 'It is cut for the part that arrived, not for its data sheet.', 'A cut for a part that turns out different does not fit it.');
        }
    }
}
