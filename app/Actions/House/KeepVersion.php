<?php

declare(strict_types=1);

namespace App\Actions\House;

use App\Models\House\HouseVersion;
use App\Models\People\Person;
use App\Models\ShopModel;
use App\Support\Clock;

/** The one way in which a record of the house changes: how it stood before is kept, with who changed it and when. */
final readonly class KeepVersion
{
    public function __construct(private Clock $clock)
    {
    }

    /**
     * Inside the caller's transaction and without planning.
     *
     * @param  array<string, mixed>  $attributes
     * @param  string  $source  where the new values come from: the house, or what it has learned
     * @return array<string, mixed> the attributes as they stood before
     */
    public function __invoke(?Person $by, ShopModel $record, array $attributes, string $source = 'house'): array
    {
        $before = $record->only(array_keys($attributes));
        $version = (int) $record->getAttribute('version') + 1;
        $hasSource = array_key_exists('source', $record->getAttributes());
        $record->update([...$attributes, 'version' => $version, ...$hasSource ? ['source' => $source] : []]);
        HouseVersion::query()->create([
            'record' => $record->getTable(), 'record_id' => $record->getKey(), 'version' => $version,
            'before' => $before, 'after' => $record->only(array_keys($attributes)),
            'source' => $source, 'person_id' => $by?->id, 'at' => $this->clock->now(),
        ]);

        return $before;
    }
}
