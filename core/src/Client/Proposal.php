<?php

declare(strict_types=1);

namespace Regimen\Client;

/** A figure that is proposed for what a player said. */
final readonly class Proposal
{
    /**
     * @param  string|list<array<string, string>>  $typed  as it is typed into its field
     * @param  string  $words  what it is, readable
     */
    public function __construct(public string $field, public string $label, public string|array $typed, public string $words, public string $because, public string $costs)
    {
    }
}
