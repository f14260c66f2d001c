<?php

declare(strict_types=1);

namespace App\Models\Forecast;

use App\Models\Build\Build;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What was forecast of a build when it was promised, or of a past one as it was known then; never changed.
 *
 * @property int $build_id
 * @property string|null $promised_on  YYYY-MM-DD
 * @property CarbonImmutable $given_at
 * @property CarbonImmutable|null $plan_finish
 * @property CarbonImmutable|null $p10
 * @property CarbonImmutable|null $p25
 * @property CarbonImmutable|null $p50
 * @property CarbonImmutable|null $p75
 * @property CarbonImmutable|null $p80
 * @property CarbonImmutable|null $p90
 * @property CarbonImmutable|null $p95
 * @property int|null $chance  in thousandths
 * @property int $planned_minutes
 * @property int|null $expected_minutes
 * @property float $shift  by which the runs were recalibrated
 * @property float $scale
 * @property string $source  promise, or backtest
 * @property Build $build
 */
class GivenForecast extends ShopModel
{
    public const PROMISE = 'promise';

    public const BACKTEST = 'backtest';

    protected $casts = [
        'given_at' => 'immutable_datetime', 'plan_finish' => 'immutable_datetime', 'p10' => 'immutable_datetime', 'p25' => 'immutable_datetime', 'p50' => 'immutable_datetime',
        'p75' => 'immutable_datetime', 'p80' => 'immutable_datetime', 'p90' => 'immutable_datetime', 'p95' => 'immutable_datetime',
    ];

    /** @return BelongsTo<Build, $this> */
    public function build(): BelongsTo
    {
        return $this->belongsTo(Build::class);
    }
}
