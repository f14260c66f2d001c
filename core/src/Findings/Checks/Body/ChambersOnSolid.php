<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Body;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Body\BodyConstruction;

/** A solid body has no chambers, unless it is relieved. */
final class ChambersOnSolid implements Check
{
    public function judge(Workings $w): iterable
    {
        $body = $w->specification->bodywork;
        $says = array_values(array_filter(['chamberShare', 'chamberDepth'], $w->clientSays(...)));
        if ($says !== [] && $body->body === BodyConstruction::Solid && ! $body->weightRelief) {
            yield Finding::warn('chambers-solid', 'Chambers on a solid body')
                ->says('The body is solid and not to be relieved.')
                ->because('Nothing would be hollowed out, and the weight is computed without it.')
                ->at('body', 'weightRelief', ...$says)
                ->fix('Relieve the body', ['weightRelief' => 'yes'])->fix('Leave the chambers out', array_fill_keys($says, ''));
        }
    }
}
