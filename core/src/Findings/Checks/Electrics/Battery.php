<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Electrics;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Checks\Body\NewCavity;
use Regimen\Findings\Finding;
use Regimen\Instrument\Body\BodyConstruction;
use Regimen\Instrument\Body\Cavity;
use Regimen\Instrument\Body\CavityKind;
use Regimen\Instrument\Electrics\Pickup;
use Regimen\Instrument\Electrics\PickupKind;

/** What needs a battery has one, and a place for it. */
final class Battery implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        $piezo = array_filter(
            $s->electrics->pickups,
            static fn (Pickup $pickup): bool => $pickup->kind === PickupKind::Piezo,
        ) !== [];
        $room = array_filter(
            $s->bodywork->cavities,
            static fn (Cavity $cavity): bool => $cavity->kind === CavityKind::Battery,
        ) !== [];
        if ($piezo && ! $s->electrics->battery) {
            yield Finding::warn('battery', 'Piezo without a battery')
                ->says('A piezo is among the pickups, and there is no battery.')
                ->because('Its buffer needs one.')
                ->at('battery')
                ->fix('Add a battery', ['battery' => 'yes']);
        }
        if ($s->electrics->battery && ! $room && $s->bodywork->body !== BodyConstruction::FlatTop) {
            yield Finding::warn('battery-room', 'A battery without its cavity')
                ->says('No cavity is for a battery.')
                ->because('It ends up loose among the wires.')
                ->at('cavities', 'battery')
                ->fix(
                    'Leave the battery out', $piezo ? null : ['battery' => 'no'],
                )->fixBy(NewCavity::ways($w, CavityKind::Battery));
        }
    }
}
