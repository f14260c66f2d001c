<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\BodyConstruction;
use Regimen\Instrument\NeckJoint;

/** What the route does not know is said. */
final class RouteScope implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        if ($s->bodywork->body === BodyConstruction::FlatTop) {
            yield Finding::warn('route-flat-top', 'A flat-top’s body is not on the route', 'Bracing, bending and closing the box have no operations here; hours, cost and date leave them out.', 'Neck, strings and timber are worked out; add the body’s hours to the price and the promise yourself.', 'body');
        }
        if (in_array($s->joinery->joint, [NeckJoint::Through, NeckJoint::Mortise], true)) {
            yield Finding::note('route-joint', 'The route follows a '.($s->joinery->joint->isGlued() ? 'set neck' : 'bolted neck'), 'Joint: '.$s->joinery->joint->words().'.', 'Its own order of work is not derived; look the route through.', 'joint');
        }
    }
}
