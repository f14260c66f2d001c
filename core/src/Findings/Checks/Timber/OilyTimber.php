<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Timber;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Finish\BoardFinish;
use Regimen\Timber\Species;

/** Oily timber under lacquer does not dry. */
final class OilyTimber implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        $oily = array_filter(
            [$s->bodywork->layers[0]->timber, $s->neck->neckTimber], static fn (Species $timber): bool => $timber->oily,
        );
        if ($s->finishing->finish->isLacquer() && $oily !== []) {
            yield Finding::warn('oily-timber', 'Oily timber under lacquer')
                ->says(array_values($oily)[0]->name.' under '.$s->finishing->finish->words().'.')
                ->because(
                    'Its oil keeps the film soft or pushes it off. Wash, seal with shellac and try it on scrap; the '
                        .'finish '
                    .'maker’s data sheet decides.',
                )
                ->at('finish', 'layers', 'neckTimber')
                ->fix('Take wiping oil', ['finish' => 'wiping-oil']);
        }
        if (
            $s->finishing->boardFinish === BoardFinish::Lacquered
            && $s->board->boardTimber->oily
            && $s->finishing->finish->isLacquer()
        ) {
            yield Finding::warn('oily-board', 'Lacquer on an oily board')
                ->says($s->board->boardTimber->name.'.')
                ->because('Dense oily boards are left bare or oiled.')
                ->at('boardFinish', 'boardTimber')
                ->fix('Leave it bare', ['boardFinish' => 'bare']);
        }
    }
}
