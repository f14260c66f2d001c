<?php

declare(strict_types=1);

namespace Regimen\Figures;

use Regimen\Instrument\Shape\BridgeHeight;
use Regimen\Units\Words;

/** G14 to G16. */
final class BridgeFigures implements FigureSource
{
    public function figures(Workings $workings): iterable
    {
        yield from $this->along($workings);
        yield from $this->height($workings);
    }

    /** @return iterable<Figure> */
    private function along(Workings $w): iterable
    {
        $line = $w->scaleLine();
        $scale = $w->specification->board->scale->mm;
        yield Figure::mm(
            'halfScale', 'Half the scale', $scale / 2, 'G14', Words::number($scale, 2).' / 2', 'bridge', 2,
        );
        for ($string = 0; $string < $w->specification->brief->strings; $string++) {
            $last = $string === 0 || $string === $w->specification->brief->strings - 1;
            yield Figure::mm(
                "saddle.{$string}", 'Nut to saddle, string '.($string + 1), $line->saddleAt($string), 'G14',
                Words::number($scale, 2).' + '.Words::number($line->compensation($string), 2).' of compensation, '
                    .($w->specification->stringing->gauges[$string]->wound ? 'wound' : 'plain').', a guideline',
                $last ? 'bridge' : '', 1,
            );
        }
        $travel = $line->travel();
        $middle = ($line->saddles()->from + $line->saddles()->to) / 2;
        yield Figure::of(
            'saddleShare', 'Saddles in their travel', 100 * $travel->shareOf($middle), '%', 'G14',
            'the middle saddle at '.Words::number($middle).' of '.Words::number($travel->from).' to '
                .Words::mm($travel->to),
            'bridge', 0,
        );
    }

    /** @return iterable<Figure> */
    private function height(Workings $w): iterable
    {
        $bridge = $w->bridge();
        $s = $w->specification;
        $over = BridgeHeight::overFretPlane($bridge->action(), $s->nutHeight());
        yield Figure::mm(
            'boardAboveTop', 'Board above the top', $bridge->boardAboveTop(), 'G16',
            'heel '.Words::number($s->joinery->heelThickness->mm).' − pocket '
                .Words::number($s->joinery->pocketDepth->mm).' = '.Words::mm($bridge->boardAboveTop(), 2),
            'joint',
        );
        yield Figure::mm(
            'overFretPlane', 'String over the fret plane at the saddle', $over, 'G15',
            '2 × '.Words::number($bridge->action(), 2).' − '.Words::number($s->nutHeight(), 2).' = '
                .Words::mm($over, 2),
            'bridge', 2,
        );
        foreach (['Treble' => $s->brief->actionTreble->mm, 'Bass' => $s->brief->actionBass->mm] as $side => $action) {
            $first = $bridge->overFirstFret($action);
            yield Figure::mm(
                "overFirst{$side}", 'String over the first fret, '.lcfirst($side), $first, 'G15',
                Words::number($s->nutHeight(), 2).' · (1 − 2 · '.Words::number($w->fret(1), 2).' / '
                    .Words::number($s->board->scale->mm).') + 2 · '.Words::number($action, 2).' · '
                    .Words::number($w->fret(1), 2).' / '.Words::number($s->board->scale->mm).' = '.Words::mm($first, 2),
                'strings', 2,
            );
        }
        yield Figure::mm(
            'bridgeHeight', 'Saddle above the top', $bridge->overTop(), 'G16',
            Words::number($bridge->boardAboveTop()).' + '.Words::number($bridge->fromEdge()).' · tan '
                .Words::number($s->joinery->neckAngle, 2).'° + crown '.Words::number($s->board->crownHeight->mm).' + '
                .Words::number($over, 2).' = '.Words::mm($bridge->overTop(), 2),
            'bridge',
        );
        yield Figure::mm(
            'bridgeFoot', 'Saddle above the bridge’s foot', $bridge->overFoot(), 'G16',
            Words::number($bridge->overTop()).' + let in '.Words::number($s->bridgework->bridgeRecess->mm).' = '
                .Words::mm($bridge->overFoot(), 2),
            'bridge',
        );
        yield Figure::of(
            'bridgeShare', 'In the bridge’s range', 100 * $bridge->share(), '%', 'G16',
            '('.Words::number($bridge->overFoot()).' − '.Words::number($bridge->range()->from).') / ('
                .Words::number($bridge->range()->to).' − '.Words::number($bridge->range()->from).')',
            'bridge', 0,
        );
    }
}
