<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Strings;

use Regimen\Figures\InstrumentString;
use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Units\Words;

/** A set pulls evenly (S3). */
final class UnevenSet implements Check
{
    private const MOST = 1.7;

    public function judge(Workings $w): iterable
    {
        if ($w->specification->isDoubled() || $w->pull()->spread()->value <= self::MOST) {
            return;
        }
        $strings = $w->strings();
        usort($strings, static fn (InstrumentString $a, InstrumentString $b): int => $a->pull <=> $b->pull);
        $weakest = $strings[0];
        $strongest = $strings[count($strings) - 1];
        yield Finding::warn('uneven-set', 'An uneven set')
            ->says(
                "String {$strongest->number} pulls ".Words::number($strongest->pull)." N, string {$weakest->number} "
                .Words::number($weakest->pull).' N.',
            )
            ->because('The neck twists and the strings feel unlike each other.')
            ->at('gauges', 'tuning')
            ->fix('Take the usual set', $w->clientSays('gauges') ? ['gauges' => '', 'unitMasses' => ''] : null)
            ->fix('Take the usual tuning', $w->clientSays('tuning') ? ['tuning' => ''] : null)
            ->fix(
                'Take the usual set and tuning',
                $w->clientSays('gauges') && $w->clientSays('tuning')
                    ? ['gauges' => '', 'tuning' => '', 'unitMasses' => '']
                    : null,
            )
            ->fixBy($this->evened($w));
    }

    /**
     * Strings that pull far from the middle one get the gauge that pulls nearer to it.
     *
     * @return iterable<array{string, array<string, string>}>
     */
    private function evened(Workings $w): iterable
    {
        $sorted = $w->pull()->each;
        sort($sorted);
        $middle = $sorted[intdiv(count($sorted), 2)];
        foreach ([1.25, 1.15, 1.05] as $apart) {
            $others = [];
            foreach ($w->strings() as $string) {
                if ($string->pull > $middle * $apart || $string->pull < $middle / $apart) {
                    foreach (OtherGauge::ways($w, $string, [$middle]) as [$words, $changes]) {
                        $others[$string->index()] = explode(' ', $words)[2];
                        break;
                    }
                }
            }
            yield ['Take an even set: '.implode(', ', $others), $others === [] ? [] : OtherGauge::changed($w, $others)];
        }
    }
}
