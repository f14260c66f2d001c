<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Box;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Body\BracingPattern;
use Regimen\Instrument\Body\BridgeKind;
use Regimen\Units\Words;

/** A top is braced for the pull of its strings: nylon pulls half as hard as steel (S3). */
final class StringsAndBracing implements Check
{
    /** What a fan of light braces carries, in N; common practice. */
    private const FAN = 520.0;

    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        if (! $s->isBox()) {
            return;
        }
        $pull = $w->pull()->total();
        if ($s->box->bracing === BracingPattern::Fan && $pull > self::FAN) {
            yield Finding::stop('fan-bracing', 'Braced for nylon, strung heavier')
                ->says('The strings pull '.Words::number($pull, 0).' N; a fan of light braces carries about '.Words::number(self::FAN, 0).'.')
                ->because('The top bellies, and the bridge comes off.')->at('bracing', 'stringMaterial', 'gauges')
                ->fixBy([['Brace it crossed', ['bracing' => 'crossed']], ['String it with nylon', ['stringMaterial' => 'nylon', 'gauges' => '', 'unitMasses' => '']]]);
        } elseif ($s->isNylon() && $s->box->bracing === BracingPattern::Crossed) {
            yield Finding::note('nylon-crossed', 'Braced for steel')
                ->says('Nylon pulls '.Words::number($pull, 0).' N on a bracing for about twice as much.')
                ->because('It holds, and answers slowly; a fan is usual.')->at('bracing', 'stringMaterial')->fix('Brace it with a fan', ['bracing' => 'fan']);
        }
        if (! $s->isNylon() && $s->bridgework->bridge === BridgeKind::Tied) {
            yield Finding::stop('steel-tied', 'Steel strings on a tied bridge')
                ->says('They are knotted over a bar that is made for nylon.')->because('The knots cut through, and the pull lifts the bridge’s back edge.')->at('bridge', 'stringMaterial')
                ->fixBy([['Take a pinned bridge', ['bridge' => 'pinned']], ['String it with nylon', ['stringMaterial' => 'nylon', 'gauges' => '', 'unitMasses' => '']]]);
        }
    }
}
