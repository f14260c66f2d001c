<?php

declare(strict_types=1);

namespace App\Pages\Clients;

/** Two entries that may be one person. */
final readonly class AlikeLine
{
    public function __construct(public int $id, public string $name, public int $version, public int $other, public string $otherName, public int $otherVersion, public string $why)
    {
    }
}
