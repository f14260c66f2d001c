<?php

declare(strict_types=1);

namespace App\Pages\Clients;

/** A quote that is open, with whether its date still holds. */
final readonly class HeldQuote
{
    public function __construct(public int $id, public string $name, public string $client, public string $words, public bool $holds)
    {
    }
}
