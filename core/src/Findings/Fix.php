<?php

declare(strict_types=1);

namespace Regimen\Findings;

/**
 * Something that would settle a finding: typed values by field, empty for the house's; a field inside a row is
 * `layers.0.thickness`, and the row behind the last one is a new one.
 */
final readonly class Fix
{
    /**
     * @param  array<string, string>  $changes  at least one
     * @param  list<self>  $otherwise  what is tried in its place where it would not do, in this order
     */
    public function __construct(public string $words, public array $changes, public array $otherwise = [])
    {
    }

    /**
     * A typed specification with this fix applied.
     *
     * @param  array<mixed>  $client
     * @param  array<mixed>  $house  where rows are taken from that the client has not touched
     * @return array<mixed>
     */
    public function appliedTo(array $client, array $house): array
    {
        foreach ($this->changes as $field => $value) {
            $path = explode('.', $field);
            if (count($path) === 3) {
                $client[$path[0]] = self::inRow(
                    $client[$path[0]] ?? $house[$path[0]] ?? [], (int) $path[1], $path[2], $value,
                );
            } elseif ($value === '') {
                unset($client[$field]);
            } else {
                $client[$field] = $value;
            }
        }

        return $client;
    }

    private static function inRow(mixed $rows, int $index, string $column, string $value): mixed
    {
        if (is_array($rows) && ($index === count($rows) || is_array($rows[$index] ?? null))) {
            $rows[$index] = [...$rows[$index] ?? [], $column => $value];
        }

        return $rows;
    }
}
