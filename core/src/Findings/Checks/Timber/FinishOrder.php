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
            yield Finding::stop(
                'board-lacquer', 'A lacquered board without lacquer',
                'The finish is '.$s->finishing->finish->words().'.',
                'The route clears the board together with the neck, with what the house uses for it.', 'boardFinish',
                'finish',
            )->mend('by its timber', ['boardFinish' => 'by_timber'])->mend('lacquer', ['finish' => 'nitrocellulose']);
        }
        if (
            $s->joinery->joint->isGlued()
            && $s->finishing->neckFinish !== NeckFinish::AsBody
            && $s->finishing->finish->isLacquer()
        ) {
            yield Finding::warn(
                'neck-finish', 'Two finishes meet at a glued heel',
                'The neck is to be '.$s->finishing->neckFinish->words().', the body '.$s->finishing->finish->words()
                    .'.',
                'A glued neck is cleared together with the body; a line has to be masked and will show.', 'neckFinish',
                'joint',
            )->mend('as the body', ['neckFinish' => 'as_the_body']);
        }
        if ($s->boardIsLacquered() && $s->board->boardBinding->mm > 0) {
            yield Finding::note(
                'bound-lacquer', 'Binding on a lacquered board', 'Frets go in after the clear coats.',
                'Lacquer over the binding chips where fret ends are dressed; scrape and mask it.', 'boardBinding',
                'boardFinish',
            )->mend('no board binding', ['boardBinding' => '0']);
        }
    }
}
