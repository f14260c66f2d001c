<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Bridge;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Body\BridgeKind;
use Regimen\Units\Words;

/** Where each side has a scale of its own, the saddles stand on a line that is not square (F1). */
final class FannedBridge implements Check
{
    /** What one bridge can be turned by before its own travel takes it up; common practice. */
    private const HARDLY = 0.3;

    public function judge(Workings $w): iterable
    {
        $angle = $w->lines()->bridgeAngle();
        $bridge = $w->specification->bridgework->bridge;
        if ($w->specification->fan() === null || abs($angle) < self::HARDLY || $bridge === BridgeKind::Single || $bridge->isGlued()) {
            return;
        }
        $isVibrato = $bridge === BridgeKind::Vibrato;
        yield Finding::when($isVibrato, 'fanned-bridge', $isVibrato ? 'A vibrato cannot stand askew' : 'The bridge stands askew')
            ->says('Its saddles stand on a line '.Words::number(abs($angle)).'° out of square.')
            ->because($isVibrato ? 'It turns on one edge, square to the strings.' : 'Only a bridge that is made for this angle, or one for each string, carries every saddle in its travel.')
            ->at('bridge', 'scaleTreble', 'squareFret')
            ->fixBy([
                ['Take a bridge for each string', ['bridge' => BridgeKind::Single->value]],
                ['Take narrow bridges for each string', ['bridge' => BridgeKind::Single->value, 'singleWidth' => Words::typed(max(4.0, Words::down($w->specification->stringing->bridgeSpread->mm / max(1, $w->specification->brief->strings - 1) - 1.0)))]],
                ['Take one scale', ['scaleTreble' => '']],
            ]);
    }
}
