<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\BodyConstruction;

/** What the route does not know is said. */
final class RouteScope implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        if ($s->bodywork->body === BodyConstruction::FlatTop) {
            yield Finding::warn('route-flat-top', 'A flat-top’s body is not on the route', 'Bracing, bending and closing the box have no operations here; hours, cost and date leave them out.', 'Neck, strings and timber are worked out; add the body’s hours to the price and the promise yourself.', 'body');
        }
    }
}
