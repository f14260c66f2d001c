<?php

declare(strict_types=1);

namespace App\Pages\Stores;

/** A board of a protected timber. */
final readonly class PapersBoard
{
    public function __construct(public int $id, public string $words, public string $origin, public string $papers)
    {
    }
}
