<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks;

use Regimen\Figures\TimberFigures;
use Regimen\Figures\Words;
use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\BodyConstruction;
use Regimen\Instrument\TimberCut;
use Regimen\Timber\Movement;

/** A wide glued-up top moves with the seasons (T2). */
final class SeasonMovement implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        $moves = TimberFigures::seasonMovement($w);
        $source = 'Wood Handbook, FPL-GTR-282, chapter 13';
        if ($s->isLayered() && $s->bodywork->body !== BodyConstruction::FlatTop) {
            [$dry, $damp] = TimberFigures::seasons($w);
            $under = Movement::of($s->bodywork->bodyWidth->mm, $dry, $damp, $s->bodywork->layers[1]->timber->shrinkage($s->bodywork->bodyCut->tangentialShare()));
            if (abs($moves - $under) > 1.5) {
                yield Finding::warn('season-layers', 'Top and what is under it move apart', 'Over the seasons the top moves '.Words::number($moves).', the layer under it '.Words::mm($under).'.', 'The glue line works; a thin top cracks or cups.', 'layers', 'bodyCut')->from($source)->mend('quarter-sawn', $s->bodywork->bodyCut !== TimberCut::Quarter ? ['bodyCut' => 'quarter-sawn'] : null);
            }
        }
        if ($moves > ($s->bodywork->body === BodyConstruction::FlatTop ? 3.5 : 5.5)) {
            yield Finding::note('season-movement', 'The top moves with the seasons', Words::mm($moves).' over '.Words::mm($s->bodywork->bodyWidth->mm, 0).', glued up from '.$s->bodywork->bodyPieces.'.', 'Tell the client to keep it between the humidities that are written here.', 'bodyCut', 'humidityLow', 'humidityHigh')->from($source)->mend('quarter-sawn', $s->bodywork->bodyCut !== TimberCut::Quarter ? ['bodyCut' => 'quarter-sawn'] : null);
        }
    }
}
