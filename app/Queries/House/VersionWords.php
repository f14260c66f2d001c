<?php

declare(strict_types=1);

namespace App\Queries\House;

use App\Models\House\HouseVersion;
use App\Support\Say;

/** What a record of the house says otherwise than before, in words. */
final class VersionWords
{
    private const NAMES = ['hands_minutes' => 'two people for', 'alone_minutes' => 'machine by itself for'];

    public static function of(HouseVersion $version): string
    {
        $words = [];
        foreach ($version->after as $key => $value) {
            $was = $version->before[$key] ?? null;
            if (is_array($value)) {
                $words = [...$words, ...self::entries(is_array($was) ? $was : [], $value)];
            } elseif ($was != $value) {
                $words[] = (self::NAMES[$key] ?? str_replace(['_minutes', '_'], ['', ' '], $key)).' '.self::value($key, $was).' → '
                    .self::value($key, $value);
            }
        }

        return $words === [] ? 'nothing differs' : implode('; ', $words);
    }

    /**
     * @param  array<mixed>  $was
     * @param  array<mixed>  $is
     * @return list<string>
     */
    private static function entries(array $was, array $is): array
    {
        $words = [];
        foreach (array_keys($was + $is) as $key) {
            $name = str_replace(['tool:', '-', '.'], ['', ' ', ' '], (string) $key);
            if (($was[$key] ?? null) !== ($is[$key] ?? null)) {
                $words[] = "{$name} ".self::value('', $was[$key] ?? null).' → '.self::value('', $is[$key] ?? null);
            }
        }

        return $words;
    }

    private static function value(string $key, mixed $value): string
    {
        return match (true) {
            is_int($value) && in_array(
                $key, ['set_up_minutes', 'best_minutes', 'labour_minutes', 'worst_minutes'], true,
            ) => Say::duration($value),
            is_int($value) && str_ends_with($key, '_minutes') => Say::clockTime($value),
            is_scalar($value) => (string) $value,
            default => 'the trade’s',
        };
    }
}
