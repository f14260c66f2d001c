<?php

declare(strict_types=1);

namespace App\Models\House;

use App\Models\ShopModel;
use Regimen\Route\Air\HoldKind;
use Regimen\Route\Standards\Caution;
use Regimen\Route\Standards\Driver;
use Regimen\Route\Standards\Skill;
use Regimen\Route\Standards\Stage;
use Regimen\Route\Standards\Tool;

/**
 * @property Stage $stage
 * @property int $hands_minutes  in which somebody helps, at the end of the labour
 * @property int $alone_minutes  in which the machine then runs by itself
 * @property Skill $skill
 * @property Tool $tool
 * @property Caution|null $caution
 * @property HoldKind|null $hold_kind
 * @property Driver|null $driver
 */
class OperationStandard extends ShopModel
{
    protected $casts = [
        'one_sitting' => 'boolean',
        'usual' => 'boolean',
        'stage' => Stage::class,
        'skill' => Skill::class,
        'tool' => Tool::class,
        'caution' => Caution::class,
        'hold_kind' => HoldKind::class,
        'driver' => Driver::class,
    ];
}
