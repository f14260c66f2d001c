<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Timber;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Timber\Species;

/** Protected timber needs papers to cross borders. */
final class ProtectedTimber implements Check
{
    public function judge(Workings $w): iterable
    {
        $names = array_values(array_map(static fn (Species $one): string => $one->name, array_filter($w->specification->timbers(), static fn (Species $one): bool => $one->protected)));
        if ($w->specification->hasShell()) {
            $names[] = 'shell of the markers';
        }
        if ($names !== []) {
            yield Finding::note('protected', 'Protected timber')
                ->says(implode(', ', $names).'.')
                ->because(
                    'Trade across borders falls under CITES. Ask the authority before it is bought or shipped; nothing '
                    .'here '
                    .'says what is allowed.',
                )
                ->at('boardTimber', 'neckTimber', 'layers', 'markerMaterial')
                ->from('CITES appendices, from memory: look up the present state');
        }
    }
}
