<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Body;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Body\BodyConstruction;
use Regimen\Instrument\Body\Cavity;
use Regimen\Instrument\Body\CavityKind;

/** Pots have a cavity. */
final class ControlCavity implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        $room = array_filter(
            $s->bodywork->cavities,
            static fn (Cavity $cavity): bool => in_array(
                $cavity->kind, [CavityKind::Control, CavityKind::Switch], true,
            ),
        ) !== [];
        if ($room || $s->electrics->pots === []) {
            return;
        }
        $house = $w->clientSays('cavities') ? ['cavities' => ''] : null;
        if ($s->bodywork->body === BodyConstruction::Solid) {
            yield Finding::stop('control-cavity', 'Controls without a cavity')
                ->says(count($s->electrics->pots).' pots, and no control cavity.')
                ->because('They have nowhere to go.')
                ->at('cavities', 'pots')
                ->fix('Take the cavities as the house has them', $house)->fixBy(NewCavity::ways($w, CavityKind::Control));
        } elseif ($s->bodywork->body->isHollow()) {
            yield Finding::warn('access', 'Everything hollow gets its access first')
                ->says('No cavity opens to the controls.')
                ->because('Once the top is on, wires and pots go in through an opening or not at all.')
                ->at('cavities')
                ->fix('Take the cavities as the house has them', $house)->fixBy(NewCavity::ways($w, CavityKind::Control));
        }
    }
}
