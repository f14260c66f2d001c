<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Bridge;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Units\Words;

/** Saddles stand between a quarter and three quarters of their height (G16). */
final class BridgeRange implements Check
{
    public function judge(Workings $w): iterable
    {
        $bridge = $w->bridge();
        if ($bridge->fits()) {
            return;
        }
        $s = $w->specification;
        $by = $bridge->aboveMiddle();
        $high = $by > 0;
        $angle = Words::number($bridge->angleForMiddle(), 2);
        $pocket = $s->joinery->pocketDepth->mm + $by;
        $recess = $s->bridgework->bridgeRecess->mm - $by;
        yield Finding::when(
            $bridge->share()->value < 0.0 || $bridge->share()->value > 1.0,
            'bridge-range',
            $bridge->share()->value < 0.0 || $bridge->share()->value > 1.0
                ? 'Bridge beyond its travel'
                : 'Bridge near the end of its travel',
        )
            ->says(
                'Saddles would stand at '.Words::number($bridge->overFoot()->value).' of '
                .Words::number($bridge->range()->from)
                .'–'.Words::mm($bridge->range()->to).', '.($high ? 'above three quarters' : 'below a quarter')
                .' of the range.',
            )
            ->because('Nothing is left to set the action when timber moves or the client wants it otherwise.')
            ->at('neckAngle', 'pocketDepth', 'bridgeRecess', 'bridgeLeast', 'bridgeMost')
            ->fix(
                'Set the neck at '.$angle.'°',
                abs((float) $angle) <= 7.5 && (float) $angle > -2.5 ? ['neckAngle' => $angle.'°'] : null,
            )
            ->fix(
                'Make the pocket '.Words::mm(abs($by)).' '.($high ? 'deeper' : 'shallower'),
                $pocket >= 5 && $s->bodyThickness()->mm - $pocket >= 8
                    ? ['pocketDepth' => Words::typed($pocket, 2)]
                    : null,
            )
            ->fix(
                $recess < 0 ? 'Pack the bridge up by '.Words::mm(-$recess) : 'Let the bridge in by '.Words::mm($recess),
                $recess >= -15 && $recess <= 30 ? ['bridgeRecess' => Words::typed($recess, 2)] : null,
            )
            ->fixBy(
                [
                    ['Take a bridge of the usual height', ['bridgeLeast' => '', 'bridgeMost' => '', 'bridgeRecess' => '']],
                    [
                        'Take a bridge of the usual height and match neck angle and pocket',
                        [
                            'bridgeLeast' => '', 'bridgeMost' => '', 'bridgeRecess' => '', 'neckAngle' => '',
                            'pocketDepth' => '', 'heelThickness' => '',
                        ],
                    ],
                ],
            );
    }
}
