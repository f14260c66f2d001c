<?php

declare(strict_types=1);

namespace App\Models\Jigs;

use App\Models\Build\Build;
use App\Models\People\Person;
use App\Models\ShopModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Regimen\Figures\Workings;
use Regimen\Instrument\Reading\SpecificationReader;
use Regimen\Jigs\TemplateShape;

/**
 * A template of the shop, made after one revision of a specification, which it keeps; or a tool for a single use, which has no shape.
 *
 * @property TemplateShape|null $shape
 * @property array<mixed>|null $client
 * @property array<mixed>|null $house
 * @property TemplateState $state
 * @property CarbonImmutable|null $damaged_at
 * @property CarbonImmutable $at
 * @property Build|null $build
 * @property Bit|null $bit
 * @property Person $person
 */
class Template extends ShopModel
{
    protected $casts = ['shape' => TemplateShape::class, 'client' => 'array', 'house' => 'array', 'state' => TemplateState::class, 'damaged_at' => 'immutable_datetime', 'at' => 'immutable_datetime'];

    /** @return BelongsTo<Build, $this> */
    public function build(): BelongsTo
    {
        return $this->belongsTo(Build::class);
    }

    /** @return BelongsTo<Bit, $this> */
    public function bit(): BelongsTo
    {
        return $this->belongsTo(Bit::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return HasMany<TemplateCheck, $this> */
    public function checks(): HasMany
    {
        return $this->hasMany(TemplateCheck::class);
    }

    /** @return HasMany<TemplateUse, $this> */
    public function uses(): HasMany
    {
        return $this->hasMany(TemplateUse::class);
    }

    /** @return HasMany<TemplateFile, $this> */
    public function files(): HasMany
    {
        return $this->hasMany(TemplateFile::class);
    }

    /** What it was made after; null for a tool for a single use, or where it can no longer be read. */
    public function workings(): ?Workings
    {
        if ($this->client === null || $this->house === null) {
            return null;
        }
        $read = SpecificationReader::read($this->client, $this->house);

        return $read->specification === null ? null : Workings::from($read);
    }

    /** `template 4, body outline` */
    public function title(): string
    {
        return "template {$this->id}, {$this->name}";
    }
}
