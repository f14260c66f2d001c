<?php

declare(strict_types=1);

namespace App\Pages\Stores;

/** What a table of boards would change. */
final readonly class BoardTableSeen
{
    /** @param  list<string>  $changes  one a board */
    public function __construct(public array $changes, public string $problem)
    {
    }
}
