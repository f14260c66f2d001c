<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Timber;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Finish\NeckFinish;

/** A colour has a finish that carries it. */
final class Colour implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        if (trim($s->finishing->neckColour) !== '' && $s->finishing->neckFinish === NeckFinish::Bare) {
            yield Finding::warn('neck-colour', 'Colour on a bare neck')
                ->says('“'.mb_substr($s->finishing->neckColour, 0, 40).'”, and the neck is left bare.')
                ->because('Stain without a finish wears off on the hand.')
                ->at('neckColour', 'neckFinish')
                ->fix('Put oil over it', ['neckFinish' => 'oil']);
        }
        if (preg_match('/burst/i', $s->finishing->colour) === 1 && ! $s->finishing->finish->isSprayed()) {
            yield Finding::note('burst', 'A burst without spraying')
                ->says('“'.mb_substr($s->finishing->colour, 0, 40).'” with '.$s->finishing->finish->words().'.')
                ->because('It has to be rubbed on by hand; try it on scrap.')
                ->at('colour', 'finish')
                ->fix('Take lacquer', ['finish' => 'nitrocellulose']);
        }
    }
}
