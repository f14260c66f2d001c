<?php

declare(strict_types=1);

namespace Regimen\Findings;

/** Something that would settle a finding: typed values by field, empty for the house's; a field inside a row is `layers.0.thickness`. */
final readonly class Mend
{
    /** @param  array<string, string>  $changes  at least one */
    public function __construct(public string $words, public array $changes)
    {
    }

    /**
     * A typed specification with this mend applied.
     *
     * @param  array<string, mixed>  $client
     * @param  array<string, mixed>  $house  where rows are taken from that the client has not touched
     * @return array<string, mixed>
     */
    public function appliedTo(array $client, array $house): array
    {
        foreach ($this->changes as $field => $value) {
            $path = explode('.', $field);
            if (count($path) !== 3) {
                if ($value === '') {
                    unset($client[$field]);
                } else {
                    $client[$field] = $value;
                }

                continue;
            }
            [$rows, $index, $column] = $path;
            $known = $client[$rows] ?? $house[$rows] ?? [];
            if (is_array($known) && is_array($known[(int) $index] ?? null)) {
                $known[(int) $index][$column] = $value;
                $client[$rows] = $known;
            }
        }

        return $client;
    }
}
