<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks;

use Regimen\Figures\StringFigures;
use Regimen\Figures\Words;
use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;

/** Outer strings stay on the board along all frets (G13). */
final class OuterStrings implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        $worst = INF;
        $where = $side = 0;
        foreach ([0, $s->brief->strings - 1] as $string) {
            for ($fret = 0; $fret <= $s->board->frets; $fret++) {
                $distance = StringFigures::edgeDistance($w, $string, $w->fret($fret));
                if ($distance < $worst) {
                    [$worst, $where, $side] = [$distance, $fret, $string];
                }
            }
        }
        if ($worst < 2.5) {
            $room = 2.5 - $worst;
            yield Finding::when($worst < 1.5, 'outer-strings', 'Outer string at the board’s edge', Words::mm($worst, 2).' from the edge to '.Words::strings([$side]).' at '.($where === 0 ? 'the nut' : "fret {$where}").'; 3 mm is usual.', 'It slips off the fret ends when it is pulled.', 'nutMargin', 'bridgeSpread', 'lastWidth')
                ->mend('bridge '.Words::number($s->stringing->bridgeSpread->mm - 3 * $room).' wide', $where > 5 && $s->stringing->bridgeSpread->mm - 3 * $room > 25 ? ['bridgeSpread' => Words::typed($s->stringing->bridgeSpread->mm - 3 * $room)] : null)
                ->mend('board '.Words::number($s->board->lastWidth->mm + 2 * $room + 0.2).' wide at the last fret', $where > 5 ? ['lastWidth' => Words::typed($s->board->lastWidth->mm + 2 * $room + 0.2)] : null)
                ->mend('margin '.Words::number($s->stringing->nutMargin->mm + $room).' at the nut', $where <= 5 ? ['nutMargin' => Words::typed($s->stringing->nutMargin->mm + $room)] : null);
        }
    }
}
