<?php

declare(strict_types=1);

namespace App\Models\Forecast;

use App\Models\Build\Build;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * When one build is over, with its chances.
 *
 * @property int $forecast_id
 * @property int $build_id
 * @property CarbonImmutable|null $by50
 * @property CarbonImmutable|null $by80
 * @property CarbonImmutable|null $by95
 * @property int|null $chance  to keep the promise, in thousandths
 * @property array<string, int> $days  runs in which it was over on each day
 * @property list<array{kind: string, key: string, share: float, cruciality: float|null}> $hangs
 * @property int|null $hours_within  chance to stay within the hours that are set, in thousandths
 * @property int|null $cost_within  chance to stay within the money that is set, in thousandths
 * @property string $breaks  the first stage that breaks its share
 * @property Build $build
 * @property Forecast $forecast
 */
class BuildForecast extends ShopModel
{
    protected $casts = ['by50' => 'immutable_datetime', 'by80' => 'immutable_datetime', 'by95' => 'immutable_datetime', 'days' => 'array', 'hangs' => 'array'];

    /** @return BelongsTo<Build, $this> */
    public function build(): BelongsTo
    {
        return $this->belongsTo(Build::class);
    }

    /** @return BelongsTo<Forecast, $this> */
    public function forecast(): BelongsTo
    {
        return $this->belongsTo(Forecast::class);
    }
}
