<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Body;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Units\Words;

/** Timber left at the cavities (G18). */
final class CavityFloor implements Check
{
    public function judge(Workings $w): iterable
    {
        $body = $w->specification->bodyThickness()->mm;
        foreach ($w->specification->bodywork->cavities as $index => $cavity) {
            $floor = $body - $cavity->depth->mm;
            if ($floor < 6.0) {
                yield Finding::when(
                    $floor < 3.0,
                    "cavity-floor.{$index}",
                    'Little left at the '.$cavity->kind->words().' cavity',
                )
                    ->says(Words::mm($floor).' of '.Words::mm($body).' stay; at least 3.0, usually 6 to 10.')
                    ->because('The wall rings, cracks or is routed through.')
                    ->at("cavities.{$index}.depth")
                    ->fix(
                        'Make the cavity '.Words::mm($body - 7.0).' deep',
                        $body > 10 ? ["cavities.{$index}.depth" => Words::typed($body - 7.0)] : null,
                    );
            }
        }
    }
}
