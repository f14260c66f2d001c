<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\BodyConstruction;
use Regimen\Instrument\BridgeKind;
use Regimen\Instrument\Cavity;
use Regimen\Instrument\CavityKind;

/** A vibrato has its springs’ cavity. */
final class SpringsCavity implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        $room = array_filter($s->bodywork->cavities, static fn (Cavity $cavity): bool => $cavity->kind === CavityKind::Springs) !== [];
        if ($s->bridgework->bridge === BridgeKind::Vibrato && ! $room && $s->bodywork->body !== BodyConstruction::FlatTop) {
            yield Finding::stop('springs-cavity', 'A vibrato without its springs’ cavity', 'No cavity is for springs.', 'The block and the springs have nowhere to go.', 'cavities', 'bridge')
                ->mendBy(NewCavity::ways($w, CavityKind::Springs))->mend('a fixed bridge', ['bridge' => BridgeKind::Fixed->value]);
        }
    }
}
