<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks;

use Regimen\Figures\Words;
use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\StringPath;

/** The bridge stands on the body, with timber round its posts. */
final class BridgeOnBody implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        $outline = $w->body()->outline;
        $x = $s->board->scale->mm + $s->bridgework->mountingOffset->mm;
        $across = $outline->acrossAt($x);
        $half = $s->bridgework->mountingSpan->mm / 2 + 6;
        if ($across === null || $across->from > -$half || $across->to < $half) {
            yield Finding::stop('bridge-on-body', 'Bridge beyond the body', 'Its posts or screws would be '.Words::mm($x, 0).' from the nut; the body reaches from '.Words::number($outline->along()->from, 0).' to '.Words::mm($outline->along()->to, 0).'.', 'There is no timber under it.', 'joinFret', 'bodyWidth', 'outline', 'mountingSpan')
                ->mend('body from fret '.($s->joinery->joinFret - 2), $s->joinery->joinFret > 12 ? ['joinFret' => (string) ($s->joinery->joinFret - 2)] : null);
        } elseif ($s->bridgework->stringPath === StringPath::Tailpiece && $s->board->scale->mm + $s->bridgework->tailDistance->mm > $outline->along()->to - 8) {
            yield Finding::stop('tail-on-body', 'Tailpiece beyond the body', Words::mm($s->bridgework->tailDistance->mm, 0).' behind the scale line.', 'It would hang over the body’s end.', 'tailDistance')
                ->mend('tailpiece at 45', ['tailDistance' => '45 mm']);
        }
    }
}
