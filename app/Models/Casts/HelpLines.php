<?php

declare(strict_types=1);

namespace App\Models\Casts;

use App\Pages\Plan\HelpGain;
use App\Pages\Plan\HelpLine;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * What would help, in words, as it was found.
 *
 * @implements CastsAttributes<list<HelpLine>, list<HelpLine>>
 */
final readonly class HelpLines implements CastsAttributes
{
    /** @return list<HelpLine> */
    public function get(Model $model, string $key, mixed $value, array $attributes): array
    {
        /** @var list<array{words: string, kind: string, gains: list<array{number: int, title: string, before: string, after: string, late: bool}>, change: array<string, int|string|null>|null}> $kept */
        $kept = is_string($value) ? (array) json_decode($value, true) : [];

        return array_map(static fn (array $one): HelpLine => new HelpLine(
            $one['words'], $one['kind'],
            array_map(static fn (array $gain): HelpGain => new HelpGain(...$gain), $one['gains']), $one['change'],
        ), $kept);
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }
}
