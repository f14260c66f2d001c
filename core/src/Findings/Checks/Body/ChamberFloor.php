<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Body;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Units\Words;

/** Chambers leave a floor and a top. */
final class ChamberFloor implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        if (! $s->isRelieved()) {
            return;
        }
        $room = $s->bodyThickness()->mm - ($s->isLayered() ? $s->bodywork->layers[0]->thickness->mm : 0.0);
        $floor = $room - $s->bodywork->chamberDepth->mm;
        if ($floor < 4.0) {
            yield Finding::when($floor < 2.0, 'chamber-floor', 'Chambers almost through the back')
                ->says(Words::mm($floor).' stay under them.')
                ->because('The back drums, or the router comes through.')
                ->at('chamberDepth')
                ->fix(
                    'Make the chambers '.Words::mm($room - 6.0).' deep',
                    $room > 8 ? ['chamberDepth' => Words::typed($room - 6.0)] : null,
                );
        }
        if ($s->isHollow() && $s->bodywork->layers[0]->thickness->mm < 3.0) {
            yield Finding::warn('chamber-top', 'Thin top over chambers')
                ->says(
                    Words::mm($s->bodywork->layers[0]->thickness->mm).' of '.$s->bodywork->layers[0]->timber->name.'.',
                )
                ->because('It sinks between the walls.')
                ->at('layers.0.thickness')
                ->fix('Make it 4 mm thick', ['layers.0.thickness' => '4 mm']);
        }
        if ($s->bodywork->chamberShare > 45.0) {
            yield Finding::warn('chamber-share', 'More chamber than the body can spare')
                ->says(Words::number($s->bodywork->chamberShare, 0).' % of the outline.')
                ->because('Joint, bridge, electronics and a rim must stay solid.')
                ->at('chamberShare')
                ->fix('Hollow out 40 %', ['chamberShare' => '40 %']);
        }
    }
}
