<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Box;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Units\Words;

/** The neck is set so that the saddle stands as high over the top as is wanted (F3). */
final class NeckAngle implements Check
{
    /** By so much a saddle is still filed or shimmed, in mm; common practice. */
    private const FILED = 1.5;

    public function judge(Workings $w): iterable
    {
        if (! $w->specification->isBox() || ! $w->specification->bridgework->bridge->isGlued()) {
            return;
        }
        $comes = $w->bridge()->overTop()->value;
        $wanted = $w->specification->box->saddleHeight->mm;
        if (abs($comes - $wanted) <= self::FILED) {
            return;
        }
        $angle = Words::number($w->box()->neckSet()->angle(), 2);
        yield Finding::when(abs($comes - $wanted) > 6.0 || $comes < 5.0, 'neck-set', $comes < $wanted ? 'Saddle too low for this neck angle' : 'Saddle too high for this neck angle')
            ->says('It would stand '.Words::mm($comes).' over the top; '.Words::mm($wanted).' is wanted.')
            ->because($comes < $wanted ? 'Nothing is left to lower, and the strings hardly break over it.' : 'It leans under the pull and lifts the bridge.')
            ->at('neckAngle', 'saddleHeight', 'pocketDepth', 'heelThickness')
            ->fixBy([
                ["Set the neck at {$angle}°", (float) $angle >= -3.0 && (float) $angle <= 8.0 ? ['neckAngle' => "{$angle}°"] : null],
                ['Let the saddle stand '.Words::mm($comes).' over the top', $comes >= 5.0 && $comes <= 25.0 ? ['saddleHeight' => Words::typed($comes, 2)] : null],
                ['Take the usual neck and saddle', ['neckAngle' => '', 'saddleHeight' => '', 'pocketDepth' => '', 'heelThickness' => '']],
            ]);
    }
}
