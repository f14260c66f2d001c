<?php

declare(strict_types=1);

namespace App\Pages\Enquiries;

/** A figure that is proposed for what a player said, with its reason and its price in other wishes. */
final readonly class FeelLine
{
    /**
     * @param  string  $typed  as it is typed; empty where it is rows
     * @param  list<array<string, string>>|null  $rows
     */
    public function __construct(public string $field, public string $label, public string $typed, public ?array $rows, public string $words, public string $because, public string $costs)
    {
    }
}
