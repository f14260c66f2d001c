<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Body;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Body\BodyConstruction;
use Regimen\Units\Words;

/** A flat-top’s top is thick enough to hold and thin enough to move. */
final class FlatTopPlate implements Check
{
    /** Usual, and what is out of the question, in mm; common practice. */
    private const USUAL = [2.2, 3.6];

    private const POSSIBLE = [1.5, 5.0];

    public function judge(Workings $w): iterable
    {
        $thick = $w->specification->bodywork->layers[0]->thickness->mm;
        if (
            $w->specification->bodywork->body !== BodyConstruction::FlatTop
            || $thick >= self::USUAL[0]
            && $thick <= self::USUAL[1]
        ) {
            return;
        }
        $thin = $thick < self::USUAL[0];
        yield Finding::when(
            $thick < self::POSSIBLE[0] || $thick > self::POSSIBLE[1],
            'flat-top-plate',
            $thin ? 'Top too thin for a flat-top' : 'Top too thick for a flat-top',
        )
            ->says(Words::mm($thick, 2).'; 2.5 to 3.2 is usual.')
            ->because(
                $thin
                ? 'It bellies up and splits under the pull of the strings.'
                : 'It hardly moves: a box of board rather than of plate.',
            )
            ->at('layers.0.thickness')
            ->fixBy(
                [
                    ['Make the top 2.8 mm thick', ['layers.0.thickness' => '2.8 mm']],
                ],
            );
    }
}
