<?php

declare(strict_types=1);

namespace App\Planning\House;

use App\Models\House\FinishStandard as FinishRow;
use App\Models\House\OperationStandard;
use Regimen\Route\Standards\FinishStandard;
use Regimen\Route\Standards\Standard;
use Regimen\Route\Standards\ThreePoint;
use Regimen\Units\Duration;

/** House standards as they are kept, both ways. */
final class StandardRecords
{
    public static function standard(OperationStandard $row): Standard
    {
        return new Standard(
            $row->key,
            $row->name,
            $row->stage,
            Duration::ofMinutes($row->set_up_minutes),
            new ThreePoint(
                Duration::ofMinutes(min($row->best_minutes, $row->labour_minutes)),
                Duration::ofMinutes($row->labour_minutes),
                Duration::ofMinutes(max($row->worst_minutes, $row->labour_minutes)),
            ),
            Duration::ofMinutes($row->hold_minutes),
            $row->skill,
            $row->station,
            $row->fixture,
            $row->fixtures,
            $row->one_sitting,
            $row->caution,
            $row->hold_kind,
            $row->tool,
            $row->way,
            $row->driver,
            $row->fixed_percent,
            $row->risk,
            $row->usual,
            $row->hands_minutes,
            $row->alone_minutes,
        );
    }

    /** @return array<string, mixed> */
    public static function row(Standard $standard): array
    {
        return [
            'key' => $standard->key,
            'name' => $standard->name,
            'stage' => $standard->stage,
            'set_up_minutes' => $standard->setUp->minutes,
            'labour_minutes' => $standard->hours->likely->minutes,
            'best_minutes' => $standard->hours->best->minutes,
            'worst_minutes' => $standard->hours->worst->minutes,
            'hold_minutes' => $standard->hold->minutes,
            'hold_kind' => $standard->holdKind,
            'skill' => $standard->skill,
            'station' => $standard->station,
            'fixture' => $standard->fixture,
            'fixtures' => $standard->fixtures,
            'one_sitting' => $standard->oneSitting,
            'hands_minutes' => $standard->hands,
            'alone_minutes' => $standard->alone,
            'caution' => $standard->caution,
            'tool' => $standard->tool,
            'way' => $standard->way,
            'usual' => $standard->usual,
            'driver' => $standard->driver,
            'fixed_percent' => $standard->fixedPercent,
            'risk' => $standard->risk,
        ];
    }

    public static function finish(FinishRow $row): FinishStandard
    {
        return new FinishStandard(
            $row->system,
            $row->body_coats,
            $row->neck_coats,
            $row->coats_a_day,
            Duration::ofMinutes($row->after_first_minutes),
            Duration::ofMinutes($row->between_coats_minutes),
            Duration::ofMinutes($row->overnight_minutes),
            Duration::ofMinutes($row->cure_minutes),
            $row->window_minutes === null ? null : Duration::ofMinutes($row->window_minutes),
        );
    }

    /** @return array<string, mixed> */
    public static function finishRow(FinishStandard $standard): array
    {
        return [
            'system' => $standard->system,
            'body_coats' => $standard->bodyCoats,
            'neck_coats' => $standard->neckCoats,
            'coats_a_day' => $standard->coatsADay,
            'after_first_minutes' => $standard->afterFirst->minutes,
            'between_coats_minutes' => $standard->betweenCoats->minutes,
            'overnight_minutes' => $standard->overnight->minutes,
            'cure_minutes' => $standard->cure->minutes,
            'window_minutes' => $standard->window?->minutes,
        ];
    }
}
