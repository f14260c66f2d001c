<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Electrics;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Electrics\Pickup;
use Regimen\Instrument\Electrics\Shielding;

/** Single coils are shielded. */
final class Hum implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        $humming = array_filter($s->electrics->pickups, static fn (Pickup $pickup): bool => $pickup->kind->hums());
        if ($humming !== [] && $s->electrics->shielding === Shielding::None) {
            yield Finding::note('hum', 'Single coils without shielding')
                ->says(count($humming).' of them.')
                ->because('They pick up what is in the air.')
                ->at('shielding')
                ->fix('Shield it with paint', ['shielding' => 'paint'])->fix('Shield it with foil', ['shielding' => 'foil']);
        }
    }
}
