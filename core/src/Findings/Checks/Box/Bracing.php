<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Box;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Shape\BoxBrace;
use Regimen\Units\Words;

/** Braces lie on their plate, beside the sound hole, and within the box. */
final class Bracing implements Check
{
    /** A shorter piece carries nothing, in mm; common practice. */
    private const SHORTEST = 25.0;

    public function judge(Workings $w): iterable
    {
        if (! $w->specification->isBox()) {
            return;
        }
        $outline = $w->box()->outline;
        $hole = $w->box()->soundHole();
        $radius = $w->specification->box->soundHole->mm / 2;
        $off = $in = $short = [];
        foreach ($w->box()->braces as $brace) {
            match (true) {
                ! $outline->contains($brace->from) || ! $outline->contains($brace->to) => $off[] = $brace->name,
                $brace->distanceTo($hole) < $radius + $brace->width / 2 => $in[] = $brace->name,
                $brace->length() < self::SHORTEST => $short[] = $brace->name,
                default => null,
            };
        }
        foreach ([
            ['bracing-off', 'Bracing leaves the plate', $off, 'What hangs beyond the sides cannot be glued.'], ['bracing-hole', 'Bracing crosses the sound hole', $in, 'The hole is cut through it.'],
            ['bracing-short', 'Braces that end where they begin', $short, 'They carry nothing; check their ends.'],
        ] as [$key, $title, $names, $why]) {
            if ($names !== []) {
                yield Finding::stop($key, $title)->says(ucfirst(implode(', ', $names)).'.')->because($why)->at('braces', 'bracing', 'soundHole', 'soundHoleBefore')->fixBy($this->ways());
            }
        }
        yield from $this->heights($w);
    }

    /** @return iterable<Finding> */
    private function heights(Workings $w): iterable
    {
        $room = min($w->specification->box->boxDepthNeck->mm, $w->specification->box->boxDepthTail->mm) - $w->box()->plates();
        $high = max([0.0, ...array_map(static fn (BoxBrace $one): float => $one->height, $w->box()->braces)]);
        if ($high > $room / 2) {
            yield Finding::when($high >= $room, 'brace-height', 'Braces too high for the box')
                ->says('Up to '.Words::mm($high).' high, with '.Words::mm($room).' between the plates at the neck.')
                ->because('They meet the back’s, or no hand gets past them.')
                ->at('braceHeight', 'braces', 'boxDepthNeck')
                ->fix('Make the main braces 15 mm high', ['braceHeight' => '15 mm'])
                ->fixBy($this->ways());
        }
    }

    /** @return list<array{string, array<string, string>}> */
    private function ways(): array
    {
        return [
            ['Take a crossed bracing', ['bracing' => 'crossed', 'braceHeight' => '']], ['Take a crossed bracing and the usual hole', ['bracing' => 'crossed', 'braceHeight' => '', 'soundHole' => '', 'soundHoleBefore' => '']],
            ['Take a ladder', ['bracing' => 'ladder', 'braceHeight' => '']],
            ['Begin the body at fret 14, with the usual hole and a crossed bracing', ['joinFret' => '14', 'bracing' => 'crossed', 'braceHeight' => '', 'soundHole' => '', 'soundHoleBefore' => '', 'rosette' => '', 'pocketLength' => '']],
        ];
    }
}
