<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Timber;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Body\Layer;
use Regimen\Timber\Species;

/** Protected timber needs papers to cross borders. */
final class ProtectedTimber implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        $all = [
            $s->neck->neckTimber,
            $s->board->boardTimber,
            ...array_map(static fn (Layer $layer): Species => $layer->timber, $s->bodywork->layers),
        ];
        $names = array_values(
            array_unique(
                array_map(
                    static fn (Species $timber): string => $timber->name,
                    array_filter($all, static fn (Species $timber): bool => $timber->protected),
                ),
            ),
        );
        if ($names !== []) {
            yield Finding::note('protected', 'Protected timber')
                ->says(implode(', ', $names).'.')
                ->because(
                    'Trade across borders falls under CITES. Ask the authority before it is bought or shipped; nothing '
                    .'here '
                    .'says what is allowed.',
                )
                ->at('boardTimber', 'neckTimber', 'layers')
                ->from('CITES appendices, from memory: look up the present state');
        }
    }
}
