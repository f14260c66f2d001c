<?php

declare(strict_types=1);

namespace Regimen\Figures;

use Regimen\Strings\StringMass;
use Regimen\Units\Words;

/** G13, S1 to S3. */
final class StringFigures implements FigureSource
{
    public function figures(Workings $workings): iterable
    {
        $s = $workings->specification;
        $spread = $workings->spread();
        $count = $s->brief->strings;
        yield Figure::mm(
            'nutGap', 'First two strings at the nut', abs($spread->nut[1] - $spread->nut[0]), 'G13',
            "{$count} strings between margins of ".Words::number($s->stringing->nutMargin->mm).' on '
                .Words::number($s->board->nutWidth->mm).', '.$s->stringing->spacing->words(),
            'strings', 2,
        );
        yield Figure::mm(
            'bridgeGap', 'First two strings at the bridge', abs($spread->saddle[1] - $spread->saddle[0]), 'G13',
            "{$count} strings over ".Words::number($s->stringing->bridgeSpread->mm).' centre to centre, '
                .$s->stringing->spacing->words(),
            'strings', 2,
        );
        foreach (['Treble' => 0, 'Bass' => $count - 1] as $side => $string) {
            $edge = self::edgeDistance($workings, $string, $workings->lastFret());
            yield Figure::mm(
                "edge{$side}", 'Outer string to the edge at the last fret, '.lcfirst($side), $edge, 'G13',
                'half the width '.Words::number($workings->board()->widthAt($workings->lastFret()) / 2)
                    .' − the string’s place '.Words::number(abs($spread->at($string, $workings->lastFret())))
                    .' − half its gauge = '.Words::mm($edge, 2),
                'strings', 2,
            );
        }
        yield from $this->pull($workings);
    }

    /** From an outer string's edge to the board's at x, in mm. */
    public static function edgeDistance(Workings $w, int $string, float $x): float
    {
        return $w->board()->widthAt($x) / 2 - abs($w->spread()->at($string, $x))
            - $w->specification->stringing->gauges[$string]->diameter->mm / 2;
    }

    /** @return iterable<Figure> */
    private function pull(Workings $w): iterable
    {
        $s = $w->specification;
        $length = Words::number($s->board->scale->mm / 1000, 4);
        foreach ($w->pull()->each as $string => $tension) {
            $gauge = $s->stringing->gauges[$string];
            $note = $s->stringing->tuning[$string];
            $stated = $s->stringing->unitMasses[$string] ?? null;
            $mass = $stated ?? StringMass::of($gauge) * 1000;
            yield Figure::of(
                "mass.{$string}", 'Mass per length, string '.($string + 1), $mass, 'g/m', 'S1',
                $stated !== null ? 'as its maker states it' : (
                    $gauge->wound
                        ? "{$gauge->inWords()} with a core of ".Words::mm($gauge->core()->mm, 2).', an estimate'
                        : '7850 kg/m³ · π d² / 4 with d '.Words::mm($gauge->diameter->mm, 3)
                ),
                '', 3,
            );
            yield Figure::of(
                "tension.{$string}", "{$note->name} {$gauge->inWords()}, pull", $tension, 'N', 'S2',
                Words::number($mass, 3)." g/m × (2 × {$length} m × ".Words::number($note->frequency(), 2).' Hz)² = '
                    .Words::number($tension).' N'.($gauge->wound && $stated === null ? ', ± 5 %' : ''),
                'strings',
            );
        }
        yield Figure::of(
            'totalPull', 'All strings pull', $w->pull()->total(), 'N', 'S3',
            'the sum of '.count($w->pull()->each).' strings'
                .($w->pull()->estimated ? ', wound ones by an estimate' : ''),
            'strings', 0,
        );
        yield Figure::of(
            'pullSpread', 'Strongest over weakest', $w->pull()->spread(), '', 'S3',
            Words::number($w->pull()->strongest()).' N / '.Words::number($w->pull()->weakest()).' N', 'strings', 2,
        );
    }
}
