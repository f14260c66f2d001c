<?php

declare(strict_types=1);

namespace App\Models\Plan;

use App\Models\Casts\AnnouncedPlan;
use App\Models\Casts\ByNumber;
use App\Models\People\Person;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Regimen\Schedule\Problem\Announced;

/**
 * Something that was fixed about the plan, and what takes it back.
 *
 * @property array<string, mixed> $body
 * @property array<string, mixed>|null $back
 * @property array<string, Announced> $announced  before it, by activity
 * @property CarbonImmutable $at
 * @property Person|null $person
 */
class PlanChange extends ShopModel
{
    protected $casts = [
        'body' => 'array',
        'back' => 'array',
        'announced' => AnnouncedPlan::class,
        'at' => 'immutable_datetime',
        'words' => ByNumber::class,
    ];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}
