<?php

declare(strict_types=1);

namespace App\Models\Casts;

use App\Support\ClientNames;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * Text in which clients stand by number.
 *
 * @implements CastsAttributes<string, string>
 */
final readonly class ByNumber implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): string
    {
        return app(ClientNames::class)->said(is_string($value) ? $value : '');
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return app(ClientNames::class)->numbered(is_string($value) ? $value : '');
    }
}
