<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Whole;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;

/** What the route does not know is said. */
final class RouteScope implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        if ($s->routeLacks() !== '') {
            yield Finding::warn('route-flat-top', 'A flat-top’s body is not on the route')
                ->says(ucfirst($s->routeLacks()).' have no operations here: no price and no date is given.')
                ->because(
                    'Neck, strings and timber are worked out; estimate the body’s hours yourself for the price and the '
                    .'promise.',
                )
                ->at('body');
        }
    }
}
