<?php

declare(strict_types=1);

namespace Regimen\Client;

/** A figure that a wish moves. */
final readonly class Move
{
    private function __construct(public string $field, public ?float $by, public string $to, public string $because, public string $costs)
    {
    }

    /** @param  float  $by  mm from what is usual */
    public static function by(string $field, float $by, string $because, string $costs): self
    {
        return new self($field, $by, '', $because, $costs);
    }

    /** @param  string  $to  as it is typed; of pickups their kind */
    public static function to(string $field, string $to, string $because, string $costs): self
    {
        return new self($field, null, $to, $because, $costs);
    }
}
