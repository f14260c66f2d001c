<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Regimen\Schedule\Problem\Announced;

/**
 * Who was told what, and when, by activity; kept as lists: person, start, position, whether the person was
 * chosen, and what had been told before, end of the labour.
 *
 * @implements CastsAttributes<array<string, Announced>, array<string, Announced>>
 */
final readonly class AnnouncedPlan implements CastsAttributes
{
    /** @return array<string, Announced> */
    public function get(Model $model, string $key, mixed $value, array $attributes): array
    {
        $kept = is_string($value) ? (array) json_decode($value, true) : [];

        return array_map(static fn (array $one): Announced => new Announced(
            $one[0], (int) $one[1], true, $one[2] ?? null, $one[3] ?? false, $one[4] ?? null, $one[5] ?? null,
        ), $kept);
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        $pairs = array_map(static fn (Announced $one): array => [
            $one->worker, $one->start, $one->position, $one->isChosen, $one->announcedStart, $one->end,
        ], (array) $value);

        return json_encode((object) $pairs, JSON_THROW_ON_ERROR);
    }
}
