<?php

declare(strict_types=1);

namespace App\Pages;

use JsonSerializable;

/**
 * Values by name, an object to the page even when there are none.
 *
 * @template-covariant T
 */
final readonly class Dict implements JsonSerializable
{
    /** @param  array<string, T>  $values */
    public function __construct(public array $values)
    {
    }

    public function jsonSerialize(): object
    {
        return (object) $this->values;
    }
}
