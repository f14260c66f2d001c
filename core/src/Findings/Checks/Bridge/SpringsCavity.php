<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Bridge;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Checks\Body\NewCavity;
use Regimen\Findings\Finding;
use Regimen\Instrument\Body\BodyConstruction;
use Regimen\Instrument\Body\BridgeKind;
use Regimen\Instrument\Body\Cavity;
use Regimen\Instrument\Body\CavityKind;

/** A vibrato has its springs’ cavity. */
final class SpringsCavity implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        $room = array_filter(
            $s->bodywork->cavities,
            static fn (Cavity $cavity): bool => $cavity->kind === CavityKind::Springs,
        ) !== [];
        if (
            $s->bridgework->bridge === BridgeKind::Vibrato
            && ! $room
            && $s->bodywork->body !== BodyConstruction::FlatTop
        ) {
            yield Finding::stop('springs-cavity', 'A vibrato without its springs’ cavity')
                ->says('No cavity is for springs.')
                ->because('The block and the springs have nowhere to go.')
                ->at('cavities', 'bridge')
                ->fixBy(NewCavity::ways($w, CavityKind::Springs))->fix(
                    'Take a fixed bridge', ['bridge' => BridgeKind::Fixed->value],
                );
        }
    }
}
