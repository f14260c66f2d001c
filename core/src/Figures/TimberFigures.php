<?php

declare(strict_types=1);

namespace Regimen\Figures;

use Regimen\Timber\BalanceMoisture;
use Regimen\Timber\Movement;
use Regimen\Units\Term;
use Regimen\Units\Words;

/** T1 to T3. */
final class TimberFigures implements FigureSource
{
    public function figures(Workings $workings): iterable
    {
        $brief = $workings->specification->brief;
        yield Figure::of(
            'balanceMoisture', 'Timber settles at', $workings->balance(), '%', 'T1',
            'at '.Words::number($brief->airTemperature).' °C and '.Words::number($brief->airHumidity, 0)
                .' % relative humidity',
            'brief',
        );
        [$dry, $damp] = self::seasons($workings);
        yield Figure::of(
            'drySeason', 'Settles at, driest', $dry, '%', 'T1',
            'at '.Words::number($brief->airTemperature).' °C and '.Words::number($brief->humidityLow, 0).' %', 'brief',
        );
        yield Figure::of(
            'dampSeason', 'Settles at, dampest', $damp, '%', 'T1',
            'at '.Words::number($brief->airTemperature).' °C and '.Words::number($brief->humidityHigh, 0).' %', 'brief',
        );
        $timber = $workings->specification->bodywork->layers[0]->timber;
        yield Figure::worked(
            'seasonMovement', 'Top moves over the seasons', self::seasonMovement($workings), 'T2', 'body', 2, 2,
        );
        $named = [
            'top' => $timber, 'neck' => $workings->specification->neck->neckTimber,
            'board' => $workings->specification->board->boardTimber,
        ];
        foreach ($named as $key => $species) {
            yield Figure::of(
                "density.{$key}", "Density of {$species->name}", $species->density($workings->balance()), 'kg/m³', 'T3',
                'at '.Words::number($workings->balance()).' % moisture',
                ['top' => 'body', 'neck' => 'neck', 'board' => 'board'][$key], 0,
            );
        }
    }

    /** @return array{float, float} balance moisture in the driest and the dampest season */
    public static function seasons(Workings $workings): array
    {
        $brief = $workings->specification->brief;
        $one = BalanceMoisture::percent($brief->airTemperature, $brief->humidityLow);
        $other = BalanceMoisture::percent($brief->airTemperature, $brief->humidityHigh);

        return [min($one, $other), max($one, $other)];
    }

    /** How far the top, over its whole width, moves between the seasons, in mm. */
    public static function seasonMovement(Workings $workings): Term
    {
        [$dry, $damp] = self::seasons($workings);
        $body = $workings->specification->bodywork;
        $shrinkage = $body->layers[0]->timber->shrinkage($body->bodyCut->tangentialShare());

        return Movement::between($body->bodyWidth->mm, $dry, $damp, $shrinkage);
    }
}
