<?php

declare(strict_types=1);

namespace Regimen\Figures;

use Regimen\Units\Term;
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
            $name = 'Outer string to the edge at the last fret, '.lcfirst($side);
            yield Figure::worked("edge{$side}", $name, $edge, 'G13', 'strings', 2, 2);
        }
        yield from $this->pull($workings);
    }

    /** From an outer string's edge to the board's at x, in mm. */
    public static function edgeDistance(Workings $w, int $string, float $x): Term
    {
        $gauge = $w->specification->stringing->gauges[$string];

        return Term::of($w->board()->widthAt($x) / 2, called: 'half the width')
            ->minus(Term::of(abs($w->spread()->at($string, $x)), called: 'the string’s place'))
            ->minus(Term::worded($gauge->diameter->mm / 2, 'half its gauge'));
    }

    /** @return iterable<Figure> */
    private function pull(Workings $w): iterable
    {
        foreach ($w->strings() as $string) {
            $scale = Term::of($w->spread()->scaleOf($string->index()) / 1000, 4, unit: ' m');
            yield Figure::worked(
                "mass.{$string->index()}", "Mass per length, string {$string->number}", self::mass($string, $w->specification->isNylon()), 'S1', '',
                3,
                unit: 'g/m',
            );
            $wave = Term::of(2, 0)->times($scale, '×')->times(
                Term::of($string->note->frequency(), 2, unit: ' Hz'), '×',
            );
            $tension = Term::of($string->mass, 3, unit: ' g/m')->scaled(1 / 1000)->times($wave->squared(), '×');
            yield Figure::worked(
                "tension.{$string->index()}", "{$string->note->name} {$string->gauge->inWords()}, pull", $tension, 'S2',
                'strings', 1, 1, 'N', match (true) {
                    $string->isStated => '',
                    $w->specification->isNylon() => ', ± 10 %',
                    default => $string->gauge->wound ? ', ± 5 %' : '',
                },
            );
        }
        yield Figure::of(
            'totalPull', 'All strings pull', $w->pull()->total(), 'N', 'S3',
            'the sum of '.count($w->pull()->each).' strings'
                .($w->pull()->estimated ? ', wound ones by an estimate' : ''),
            'strings', 0,
        );
        $spread = $w->pull()->spread();
        yield Figure::worked('pullSpread', 'Strongest over weakest', $spread, 'S3', 'strings', 2, unit: '');
    }

    private static function mass(InstrumentString $string, bool $isNylon): Term
    {
        $gauge = $string->gauge;

        return Term::worded($string->mass, match (true) {
            $string->isStated => 'as its maker states it',
            $isNylon => $gauge->wound ? "nylon threads under copper, {$gauge->inWords()}, an estimate" : '1000 kg/m³ · π d² / 4 with d '.Words::mm($gauge->diameter->mm, 3).', an estimate for nylon',
            $gauge->wound => "{$gauge->inWords()} with a core of ".Words::mm($gauge->core()->mm, 2).', an estimate',
            default => '7850 kg/m³ · π d² / 4 with d '.Words::mm($gauge->diameter->mm, 3),
        });
    }
}
