<?php

declare(strict_types=1);

namespace App\Pages;

use JsonSerializable;

/** A list that goes to the page as it is: nothing in it is worked out later, so that nobody has to look for that in thousands of rows. */
final readonly class AsIs implements JsonSerializable
{
    /** @param  array<array-key, mixed>  $values */
    public function __construct(private array $values)
    {
    }

    /** @return array<array-key, mixed> */
    public function jsonSerialize(): array
    {
        return $this->values;
    }
}
