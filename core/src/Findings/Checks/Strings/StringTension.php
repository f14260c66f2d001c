<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Strings;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Brief\InstrumentType;
use Regimen\Units\Words;

/** No string extremely slack or tight (S2). */
final class StringTension implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        [$least, $most] = match (true) {
            $s->brief->type === InstrumentType::Bass => [110.0, 290.0],
            $s->isNylon() => [40.0, 100.0],
            default => [45.0, 135.0],
        };
        foreach ($w->strings() as $string) {
            $tension = $string->pull;
            if (
                $s->isDoubled()
                && $s->brief->type === InstrumentType::Bass
                || $tension >= $least
                && $tension <= $most
            ) {
                continue;
            }
            yield Finding::when(
                $tension < $least / 2 || $tension > 2 * $most,
                "tension.{$string->index()}",
                ($tension < $least ? 'Slack' : 'Tight')." string {$string->number}",
            )
                ->says(
                    $string->note->name.' with '.$string->gauge->inWords().' pulls '.Words::number($tension).' N; '
                    .Words::number($least, 0).' to '.Words::number($most, 0).' is usual.',
                )
                ->because(
                    $tension < $least
                    ? 'It rattles and goes sharp when it is fretted.'
                    : 'It is stiff, and may break or pull the neck.',
                )
                ->at('gauges', 'tuning')
                ->fixBy(
                    OtherGauge::ways(
                        $w,
                        $string,
                        $tension < $least
                            ? [$least * 1.3, $least * 1.1, ($least + $most) / 2]
                            : [$most * 0.75, $most * 0.9, ($least + $most) / 2],
                    ),
                )
                ->fix(
                    'Take the usual set and tuning',
                    $w->clientSays('gauges') || $w->clientSays('tuning') || $w->clientSays('unitMasses')
                        ? ['gauges' => '', 'tuning' => '', 'unitMasses' => '']
                        : null,
                );
        }
    }
}
