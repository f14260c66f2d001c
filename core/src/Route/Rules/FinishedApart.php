<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\CoatSequence;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Rule of order 3, bolted necks: body and neck are finished apart. */
final readonly class FinishedApart implements RouteRule
{
    public function appliesTo(Specification $specification): bool
    {
        return ! $specification->joinery->joint->isGlued();
    }

    public function contribute(RouteDraft $draft, Specification $specification): void
    {
        $house = $draft->finish($specification->finishing->finish);
        CoatSequence::onBody($house)->addTo(
            $draft, $specification, $house,
            ['joint.dry-fit', 'finish.fill', 'finish.colour'],
            'Coats go on a body that is fitted, filled and coloured.',
        );
        CoatSequence::onNeck($house)->addTo(
            $draft, $specification, $house,
            ['joint.dry-fit', 'finish.mask'],
            $specification->boardIsLacquered()
                ? 'Neck and bare board are cleared together, before the frets.'
                : 'Coats go on a neck that is fretted and fitted, its board masked.',
        );
    }
}
