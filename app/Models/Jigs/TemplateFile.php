<?php

declare(strict_types=1);

namespace App\Models\Jigs;

use App\Models\ShopModel;
use Carbon\CarbonImmutable;

/**
 * A drawing or a machine's file of a template, kept as it came and never run; its content is in base64.
 *
 * @property CarbonImmutable $at
 */
class TemplateFile extends ShopModel
{
    protected $casts = ['at' => 'immutable_datetime'];
}
