<?php

declare(strict_types=1);

namespace App\Pages;

/** Many of its properties are mostly null and are then not sent. */
trait LeavesOutNull
{
    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return array_filter(get_object_vars($this), static fn (mixed $one): bool => $one !== null);
    }
}
