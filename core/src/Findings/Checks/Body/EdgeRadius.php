<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Body;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Body\Bodywork;
use Regimen\Instrument\Body\Contour;
use Regimen\Instrument\Body\EdgeShape;
use Regimen\Units\Words;

/** Edges stay within the layer or binding they are cut in. */
final class EdgeRadius implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        $body = $s->bodywork;
        if ($s->isBox()) {
            return;
        }
        if (
            $body->bodyBinding->mm > 0
            && $body->edges === EdgeShape::Round
            && $body->edgeRadius->mm > $body->bodyBinding->mm
        ) {
            yield $this->edgeBinding($body);
        } elseif (2 * $body->edgeRadius->mm > $s->bodyThickness()->mm) {
            yield Finding::stop('edge-radius', 'Edges meet')
                ->says('Two of '.Words::number($body->edgeRadius->mm).' on '.Words::mm($s->bodyThickness()->mm).'.')
                ->because('The body would end in a knife edge.')
                ->at('edgeRadius')
                ->fix('Round the edges by 3 mm', ['edgeRadius' => '3 mm']);
        }
        if ($body->bodyBinding->mm > 0 && $body->contours !== Contour::None) {
            yield Finding::note('binding-contour', 'Binding over contours')
                ->says('Contours: '.$body->contours->words().'.')
                ->because(
                    'The ledge has to follow the contour, and celluloid has to be bent with heat: keep flames and '
                        .'solvents '
                    .'away, and follow its data sheet.',
                )
                ->at('bodyBinding', 'contours')
                ->fix('Leave the contours out', ['contours' => 'none']);
        }
    }

    private function edgeBinding(Bodywork $body): Finding
    {
        return Finding::warn('edge-binding', 'The round cuts through the binding')
            ->says(
                'Radius '.Words::number($body->edgeRadius->mm).', binding '.Words::mm($body->bodyBinding->mm)
                    .' thick.',
            )
            ->because('The timber behind it comes to light.')
            ->at('edgeRadius', 'bodyBinding')
            ->fix(
                'Round the edges by '.Words::mm($body->bodyBinding->mm * 0.6),
                ['edgeRadius' => Words::typed($body->bodyBinding->mm * 0.6)],
            )->fix('Leave the binding out', ['bodyBinding' => '0']);
    }
}
