<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\FinishSystem;
use Regimen\Instrument\NeckFinish;
use Regimen\Instrument\NeckJoint;
use Regimen\Instrument\Specification;
use Regimen\Route\CoatSequence;
use Regimen\Route\Methods;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Rule of order 3, bolted necks: body and neck are finished apart. */
final readonly class FinishedApart implements RouteRule
{
    public function name(): string
    {
        return 'A bolted neck is finished apart';
    }

    public function appliesTo(Specification $specification, Methods $methods): bool
    {
        return in_array($specification->joinery->joint, [NeckJoint::BoltOn, NeckJoint::Mortise], true);
    }

    public function contribute(RouteDraft $draft, Specification $specification, Methods $methods): void
    {
        $house = $draft->finish($specification->finishing->finish);
        CoatSequence::onBody($house)->addTo(
            $draft,
            $house->system,
            ['joint.dry-fit', 'body.sand', 'finish.fill', 'finish.stain', 'finish.body.seal', 'finish.colour'],
            'Coats go on a body that is fitted, filled and coloured.',
        );
        $neck = match (true) {
            $specification->boardIsLacquered(), $specification->finishing->neckFinish === NeckFinish::AsBody => $house,
            $specification->finishing->neckFinish === NeckFinish::Oil => $draft->finish(FinishSystem::WipingOil),
            default => null,
        };
        if ($neck !== null) {
            CoatSequence::onNeck($neck)->addTo(
                $draft,
                $neck->system,
                ['joint.dry-fit', 'neck.sand', 'finish.mask'],
                $specification->boardIsLacquered() ? 'Neck and board are cleared together.' : 'Coats go on a neck that is fretted and fitted, its board masked.',
            );
        }
    }
}
