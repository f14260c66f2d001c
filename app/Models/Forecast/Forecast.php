<?php

declare(strict_types=1);

namespace App\Models\Forecast;

use App\Models\Plan\HelpState;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * What so many runs of a plan came to; it goes with its plan.
 *
 * @property int $plan_id
 * @property HelpState $state
 * @property CarbonImmutable $made_at
 * @property int $runs
 * @property int|null $all_kept  chance in thousandths that all promises are kept
 * @property list<array{month: string, hours: list<int>, money: list<int>}> $months  hours and minor units, in one of ten, the middle, nine of ten
 * @property array{model: string, hours: int, by50: string, by80: string, by95: string}|null $slot  of an instrument by the house’s own model, if it were commissioned now
 * @property list<array{words: string, kind: string, change: array<string, int|string|null>|null, chances: array<int, array{int, int}>}> $helps
 * @property HelpState $helps_state
 */
class Forecast extends ShopModel
{
    protected $casts = ['state' => HelpState::class, 'made_at' => 'immutable_datetime', 'months' => 'array', 'slot' => 'array', 'helps' => 'array', 'helps_state' => HelpState::class];

    /** @return HasMany<BuildForecast, $this> */
    public function builds(): HasMany
    {
        return $this->hasMany(BuildForecast::class);
    }

    /** @return Builder<self> of which the first is the newest */
    private static function done(): Builder
    {
        return self::query()->where('state', HelpState::Done->value)->orderByDesc('plan_id')->limit(1);
    }

    /** @return Builder<self> the number of the newest, to be asked within another question */
    public static function newestId(): Builder
    {
        return self::done()->select('id');
    }

    /** The latest that is done: of the plan in force, or of one before it while that is worked out. */
    public static function newest(): ?self
    {
        return self::done()->first();
    }
}
