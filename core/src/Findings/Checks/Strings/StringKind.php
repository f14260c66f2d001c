<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Strings;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;

/** Thin strings are plain, thick ones wound. */
final class StringKind implements Check
{
    public function judge(Workings $w): iterable
    {
        foreach ($w->specification->stringing->gauges as $string => $gauge) {
            $mil = $gauge->diameter->inches() * 1000;
            $odd = $gauge->wound ? $mil < OtherGauge::woundLeast($w) - 1e-6 : $mil > OtherGauge::plainMost($w) + 1e-6;
            if ($odd) {
                yield Finding::warn(
                    "string-kind.{$string}",
                    $gauge->wound ? 'A wound string thinner than is made' : 'A plain string thicker than is made',
                )
                    ->says(
                        'String '.($string + 1).': '.$gauge->inWords().'; '.(
                            $gauge->wound
                                ? 'wound from about .0'.(int) OtherGauge::woundLeast($w)
                                : 'plain up to about .0'.(int) OtherGauge::plainMost($w)
                        ).'.',
                    )
                    ->because(
                        $gauge->wound
                        ? 'There is no core as thin.'
                        : 'It is a rod rather than a string: stiff, and out of tune along the board.',
                    )
                    ->at('gauges')
                    ->fixBy(
                        [
                            [
                                $gauge->wound ? 'plain' : 'wound',
                                OtherGauge::changed($w, [$string => round($mil, 2).($gauge->wound ? '' : 'w')]),
                            ],
                            ['Take the usual set', ['gauges' => '', 'unitMasses' => '']],
                            ['Take the usual set and tuning', ['gauges' => '', 'tuning' => '', 'unitMasses' => '']],
                        ],
                    );
            }
        }
    }
}
