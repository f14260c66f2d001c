<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Body;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Body\BodyConstruction;
use Regimen\Units\Words;

/** A layer is thick enough to be worked. */
final class ThinLayer implements Check
{
    public function judge(Workings $w): iterable
    {
        foreach ($w->specification->bodywork->layers as $index => $layer) {
            if ($layer->thickness->mm < 2.0 && $w->specification->bodywork->body !== BodyConstruction::FlatTop) {
                yield Finding::warn("thin-layer.{$index}", 'Layer '.($index + 1).' is a veneer')
                    ->says(Words::mm($layer->thickness->mm, 2).' of '.$layer->timber->name.'.')
                    ->because('It is sanded through at the edges, and a forearm contour cuts to what is under it.')
                    ->at("layers.{$index}.thickness")
                    ->fix('Make it 3 mm thick', ["layers.{$index}.thickness" => '3 mm']);
            }
        }
    }
}
