<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Body;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Units\Words;

/** Layers come to the thickness that was agreed (G17). */
final class LayersAddUp implements Check
{
    public function judge(Workings $w): iterable
    {
        $body = $w->specification->bodywork;
        if ($body->bodyThickness === null) {
            return;
        }
        $sum = $w->specification->bodyThickness()->mm;
        $off = $sum - $body->bodyThickness->mm;
        if (abs($off) > 0.1 + 1e-6) {
            $thickest = 0;
            foreach ($body->layers as $index => $layer) {
                $thickest = $layer->thickness->mm > $body->layers[$thickest]->thickness->mm ? $index : $thickest;
            }
            $to = $body->layers[$thickest]->thickness->mm - $off;
            yield Finding::stop('layers', 'Layers do not add up')
                ->says(Words::mm($sum, 2).' together, '.Words::mm($body->bodyThickness->mm, 2).' agreed.')
                ->because('Pocket, cavities, screws and bridge all follow from the thickness.')
                ->at('layers', 'bodyThickness')
                ->fix(
                    'Make layer '.($thickest + 1).' '.Words::mm($to).' thick',
                    $to >= 2 ? ["layers.{$thickest}.thickness" => Words::typed($to, 2)] : null,
                )
                ->fix('Agree on '.Words::mm($sum), ['bodyThickness' => Words::typed($sum, 2)]);
        }
    }
}
