<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Piece;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** The headstock: angled and veneered, brought to thickness, drilled. */
final readonly class Headstock implements RouteRule
{
    public function appliesTo(Specification $specification): bool
    {
        return true;
    }

    public function contribute(RouteDraft $draft, Specification $specification): void
    {
        $draft->add('neck.headstock', [Piece::Neck]);
        $draft->after('neck.headstock', 'neck.square', 'The scarf is laid out from the square blank.');
        $draft->after('neck.outline', 'neck.headstock', 'The outline runs over the headstock, which must be glued before it.');
        $draft->add('neck.headstock-thickness', [Piece::Neck]);
        $draft->after('neck.headstock-thickness', 'neck.headstock', 'The veneer counts towards the thickness.');
        $draft->add('neck.tuner-holes', [Piece::Neck]);
        $draft->after('neck.tuner-holes', 'neck.headstock-thickness', 'Holes drilled before thicknessing tear out and wander.');
        $draft->after('neck.tuner-holes', 'parts.measure', 'The holes take the size of the tuners that arrived.');
    }
}
