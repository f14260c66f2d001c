<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Whole;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Body\BodyConstruction;
use Regimen\Instrument\Brief\InstrumentType;
use Regimen\Instrument\Specification;
use Regimen\Units\Words;

/** The expected weight against what was promised (T6). */
final class TargetWeight implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        $mass = $w->mass()->total();
        $target = $s->brief->targetWeight;
        if ($target !== null && abs($mass - $target) > 0.04 * $target) {
            $over = $mass - $target;
            $share = $s->bodywork->chamberShare;
            $perShare = $w
                ->body()->outline
                ->area() / 100 * $s->bodywork->chamberDepth->mm * 1e-6
                    * $s->bodywork->layers[count($s->bodywork->layers) - 1]->timber
                        ->density($w->balance());
            $new = ($s->isRelieved() ? $share : 0.0) + $over / max(1e-6, $perShare);
            yield $this->targetWeight($over, $mass, $target, $s, $new);
        } elseif ($target === null && self::isPlainGuitar($s) && ($mass > 3900 || $mass < 2600)) {
            yield Finding::note('weight', $mass > 3900 ? 'Heavy' : 'Light')
                ->says(Words::number($mass / 1000, 2).' kg expected; 3.0 to 3.9 is usual.')
                ->because('Nothing was promised; the client may want to know.')
                ->at('targetWeight')
                ->fix(
                    'Agree on '.Words::number($mass / 1000, 1).' kg',
                    ['targetWeight' => Words::number($mass / 1000, 1).' kg'],
                );
        }
    }

    private static function isPlainGuitar(Specification $s): bool
    {
        return $s->brief->type === InstrumentType::Guitar && $s->bodywork->body !== BodyConstruction::FlatTop;
    }

    private function targetWeight(float $over, float $mass, float $target, Specification $s, float $new): Finding
    {
        return Finding::warn('target-weight', ($over > 0 ? 'Heavier' : 'Lighter').' than promised')
            ->says(Words::number($mass / 1000, 2).' kg expected, '.Words::number($target / 1000, 2).' kg wanted.')
            ->because('Volumes and densities vary by a twentieth: weigh the timber before it is cut.')
            ->at('targetWeight', 'layers', 'chamberShare')
            ->fix(
                ($s->isRelieved() ? 'Chamber ' : 'Make relief holes in ').Words::number($new, 0).' % of the outline',
                $new >= 1 && $new <= 45 && ($s->isRelieved() || $s->bodywork->body === BodyConstruction::Solid)
                    ? [
                        'chamberShare' => Words::number($new, 0).' %',
                        ...($s->isRelieved() ? [] : ['weightRelief' => 'yes']),
                    ]
                    : null,
            )
            ->fix(
                'Agree on '.Words::number($mass / 1000, 1).' kg',
                ['targetWeight' => Words::number($mass / 1000, 1).' kg'],
            );
    }
}
