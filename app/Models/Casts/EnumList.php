<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A list of an enum's cases, kept as JSON. What is no case any more is passed over when it is read.
 *
 * @template T of \BackedEnum
 *
 * @implements CastsAttributes<list<T>, iterable<T|string>>
 */
final readonly class EnumList implements CastsAttributes
{
    /** @param  class-string<T>  $enum */
    public function __construct(private string $enum)
    {
    }

    /** @return list<T> */
    public function get(Model $model, string $key, mixed $value, array $attributes): array
    {
        $values = is_string($value) ? (array) json_decode($value, true) : [];

        return array_values(array_filter(array_map($this->enum::tryFrom(...), $values)));
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return json_encode(is_iterable($value) ? [...$value] : [], JSON_THROW_ON_ERROR);
    }
}
