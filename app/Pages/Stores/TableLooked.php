<?php

declare(strict_types=1);

namespace App\Pages\Stores;

/** What a table would change. */
final readonly class TableLooked
{
    /** @param  list<string>  $changes  in words, one a line */
    public function __construct(public array $changes, public string $problem)
    {
    }
}
