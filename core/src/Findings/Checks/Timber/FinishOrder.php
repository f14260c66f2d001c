<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Timber;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Finish\BoardFinish;
use Regimen\Instrument\Finish\NeckFinish;

/** The finish goes with the order of work. */
final class FinishOrder implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        if ($s->finishing->boardFinish === BoardFinish::Lacquered && ! $s->finishing->finish->isLacquer()) {
            yield Finding::stop('board-lacquer', 'A lacquered board without lacquer')
                ->says('The finish is '.$s->finishing->finish->words().'.')
                ->because('The route clears the board together with the neck, with what the house uses for it.')
                ->at('boardFinish', 'finish')
                ->fix('Finish it by its timber', ['boardFinish' => 'by_timber'])
                ->fix('Take lacquer', ['finish' => 'nitrocellulose']);
        }
        if (
            $s->joinery->joint->isGlued()
            && $s->finishing->neckFinish !== NeckFinish::AsBody
            && $s->finishing->finish->isLacquer()
        ) {
            yield Finding::warn('neck-finish', 'Two finishes meet at a glued heel')
                ->says(
                    'The neck is to be '.$s->finishing->neckFinish->words().', the body '.$s->finishing->finish->words()
                    .'.',
                )
                ->because('A glued neck is cleared together with the body; a line has to be masked and will show.')
                ->at('neckFinish', 'joint')
                ->fix('Finish it as the body', ['neckFinish' => 'as_the_body']);
        }
        if ($s->boardIsLacquered() && $s->board->boardBinding->mm > 0) {
            yield Finding::note('bound-lacquer', 'Binding on a lacquered board')
                ->says('Frets go in after the clear coats.')
                ->because('Lacquer over the binding chips where fret ends are dressed; scrape and mask it.')
                ->at('boardBinding', 'boardFinish')
                ->fix('Leave the board binding out', ['boardBinding' => '0']);
        }
    }
}
