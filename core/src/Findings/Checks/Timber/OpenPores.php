<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Timber;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;

/** Open pores under a film are filled. */
final class OpenPores implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        if ($s->finishing->finish->isLacquer() && $s->topTimberIsOpen() && ! $s->needsGrainFill()) {
            yield Finding::warn('open-pores', 'Open pores under lacquer')
                ->says(
                    $s->bodywork->layers[0]->timber->name.' is left open under '.$s->finishing->finish->words().'.',
                )
                ->because('The film sinks into the pores for months.')
                ->at('grainFill', 'finish')
                ->fix('Fill the pores', ['grainFill' => 'filled'])->fix('Take wiping oil', ['finish' => 'wiping-oil']);
        }
    }
}
