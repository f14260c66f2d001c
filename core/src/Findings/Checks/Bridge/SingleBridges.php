<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Bridge;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Body\BodyConstruction;
use Regimen\Instrument\Body\BridgeKind;
use Regimen\Units\Words;

/** Single bridges stand beside each other, each in its own recess. */
final class SingleBridges implements Check
{
    /** Room between two of them, in mm; common practice. */
    private const BETWEEN = 0.4;

    /** Timber under a recess, in mm; common practice. */
    private const FLOOR = 8.0;

    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        if ($s->bridgework->bridge !== BridgeKind::Single) {
            return;
        }
        $places = $w->spread()->saddle;
        $gaps = [];
        for ($string = 1; $string < count($places); $string++) {
            $gaps[] = abs($places[$string] - $places[$string - 1]);
        }
        $wide = $s->bridgework->singleWidth->mm;
        if ($gaps !== [] && min($gaps) < $wide + self::BETWEEN - 1e-6) {
            $fits = Words::down(min($gaps) - self::BETWEEN);
            $spread = Words::up(($wide + self::BETWEEN) / min($gaps) * $s->stringing->bridgeSpread->mm);
            yield Finding::when(min($gaps) < $wide, 'single-bridges', 'Single bridges too near each other')
                ->says('Strings lie '.Words::mm(min($gaps), 2).' apart at the saddles, and a bridge is '.Words::mm($wide).' wide.')
                ->because('They touch, and no saddle can be set without its neighbour.')
                ->at('singleWidth', 'bridgeSpread', 'spacing')
                ->fixBy([
                    ['Take bridges '.Words::mm($fits).' wide', $fits >= 4.0 ? ['singleWidth' => Words::typed($fits)] : null],
                    ['Spread the strings over '.Words::mm($spread), $spread <= 150.0 ? ['bridgeSpread' => Words::typed($spread)] : null],
                    ['Spread them over '.Words::mm($spread).', with equal steps, and match the board', $spread <= 150.0 ? ['bridgeSpread' => Words::typed($spread), 'spacing' => 'equal_centres', 'lastWidth' => ''] : null],
                    ['Take one bridge for all', ['bridge' => BridgeKind::Fixed->value]],
                ]);
        }
        $left = $s->bodyThickness()->mm - $s->bridgework->bridgeRecess->mm;
        if ($s->bodywork->body !== BodyConstruction::FlatTop && $left < self::FLOOR) {
            yield Finding::when($left < 3.0, 'single-recess', 'Little timber under the bridges’ recess')
                ->says(Words::mm($left).' would be left under it.')
                ->because('Screws come through the back, or the floor bends under the strings.')
                ->at('bridgeRecess', 'layers')
                ->fix('Let them in by '.Words::mm(Words::down($s->bodyThickness()->mm - self::FLOOR)), ['bridgeRecess' => Words::typed(Words::down($s->bodyThickness()->mm - self::FLOOR))]);
        }
    }
}
