<?php

declare(strict_types=1);

namespace App\Planning\Route;

use App\Models\Build\Operation as OperationRow;
use Regimen\Route\Operation;

/** Operations of a route as they are kept. */
final class OperationRecords
{
    /** @return array<string, mixed> */
    public static function row(Operation $operation): array
    {
        $standard = $operation->standard;

        return [
            'key' => $operation->key,
            'name' => $operation->name,
            'stage' => $standard->stage,
            'pieces' => $operation->pieces,
            'needs' => $operation->needs,
            'set_up_minutes' => $operation->setUp->minutes,
            'labour_minutes' => $operation->hours->likely->minutes,
            'best_minutes' => $operation->hours->best->minutes,
            'worst_minutes' => $operation->hours->worst->minutes,
            'hold_minutes' => $operation->hold->minutes,
            'hold_kind' => $operation->holdKind,
            'skill' => $standard->skill->value,
            'station' => $standard->station,
            'fixture' => $standard->fixture,
            'fixtures' => $standard->fixtures,
            'one_sitting' => $standard->oneSitting,
            'hands_minutes' => $operation->hands,
            'alone_minutes' => $operation->alone,
            'cautions' => $operation->cautions,
            'standard' => $standard->key,
            'tool' => $standard->tool->value,
            'way' => $standard->way,
            'set_up_key' => $operation->setUpKey,
            'sprayed' => $operation->isSprayed(),
        ];
    }

    /** @return array<string, mixed> as the database takes many at once */
    public static function raw(Operation $operation): array
    {
        return (new OperationRow)->fill(self::row($operation))->getAttributes();
    }
}
