<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Timber;

use Regimen\Figures\TimberFigures;
use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Instrument\Body\BodyConstruction;
use Regimen\Instrument\Fretboard\TimberCut;
use Regimen\Instrument\Specification;
use Regimen\Timber\BalanceMoisture;
use Regimen\Timber\Movement;
use Regimen\Units\Words;

/** A wide glued-up top moves with the seasons (T2). */
final class SeasonMovement implements Check
{
    private const SOURCE = 'Wood Handbook, FPL-GTR-282, chapter 13';

    private const APART = 1.5;

    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        $moves = TimberFigures::seasonMovement($w)->value;
        $isBox = $s->bodywork->body === BodyConstruction::FlatTop;
        if ($s->isLayered() && ! $isBox) {
            [$dry, $damp] = TimberFigures::seasons($w);
            $under = Movement::between(
                $s->bodywork->bodyWidth->mm,
                $dry,
                $damp,
                $s->bodywork->layers[1]->timber->shrinkage($s->bodywork->bodyCut->tangentialShare()),
            )->value;
            if (abs($moves - $under) > self::APART) {
                yield $this->seasonLayers($moves, $under, $w, $s);
            }
        }
        if ($moves > ($isBox ? 3.5 : 5.5)) {
            yield Finding::note('season-movement', 'The top moves with the seasons')
                ->says(
                    Words::mm($moves).' over '.Words::mm($s->bodywork->bodyWidth->mm, 0).', glued up from '
                    .$s->bodywork->bodyPieces.'.',
                )
                ->because('Tell the client to keep it between the humidities that are written here.')
                ->at('bodyCut', 'humidityLow', 'humidityHigh')
                ->from(self::SOURCE)
                ->fix('Take it quarter-sawn', self::quarter($w))->fixBy(self::drier($w));
        }
    }

    private function seasonLayers(float $moves, float $under, Workings $w, Specification $s): Finding
    {
        return Finding::warn('season-layers', 'Top and what is under it move apart')
            ->says(
                'Over the seasons the top moves '.Words::number($moves).', the layer under it '
                    .Words::mm($under)
                .'.',
            )
            ->because('The glue line works; a thin top cracks or cups.')
            ->at('layers', 'bodyCut')
            ->from(self::SOURCE)
            ->fix('Take it quarter-sawn', self::quarter($w))
            ->fixBy(self::drier($w))
            ->fix('Take one timber for both', ['layers.1.timber' => $s->bodywork->layers[0]->timber->name]);
    }

    /** @return array<string, string>|null */
    private static function quarter(Workings $w): ?array
    {
        return $w->specification->bodywork->bodyCut === TimberCut::Quarter
            ? null
            : ['bodyCut' => TimberCut::Quarter->value];
    }

    /**
     * What to agree with the client: a narrower range of humidity round the shop's own.
     *
     * @return iterable<array{string, array<string, string>}>
     */
    private static function drier(Workings $w): iterable
    {
        $brief = $w->specification->brief;
        for ($half = 15; $half >= 3; $half -= 3) {
            $low = max(5.0, floor($brief->airHumidity - $half));
            $high = min(95.0, ceil($brief->airHumidity + $half));
            if (BalanceMoisture::percent(
                $brief->airTemperature, $high,
            ) > BalanceMoisture::percent($brief->airTemperature, $low)) {
                yield [
                    'Agree to keep it between '.Words::number($low, 0).' and '.Words::number($high, 0).' %',
                    ['humidityLow' => Words::number($low, 0).' %', 'humidityHigh' => Words::number($high, 0).' %'],
                ];
            }
        }
    }
}
