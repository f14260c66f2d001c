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
 * @property CarbonImmutable|null $by10
 * @property CarbonImmutable|null $by25
 * @property CarbonImmutable|null $by50
 * @property CarbonImmutable|null $by75
 * @property CarbonImmutable|null $by80
 * @property CarbonImmutable|null $by90
 * @property CarbonImmutable|null $by95
 * @property int|null $chance  in thousandths
 * @property int $planned_minutes
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
        'given_at' => 'immutable_datetime', 'plan_finish' => 'immutable_datetime', 'by10' => 'immutable_datetime', 'by25' => 'immutable_datetime', 'by50' => 'immutable_datetime',
        'by75' => 'immutable_datetime', 'by80' => 'immutable_datetime', 'by90' => 'immutable_datetime', 'by95' => 'immutable_datetime',
    ];

    /** @return BelongsTo<Build, $this> */
    public function build(): BelongsTo
    {
        return $this->belongsTo(Build::class);
    }
}
