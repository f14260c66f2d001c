<?php

declare(strict_types=1);

namespace App\Pages\Stores;

use App\Pages\Page;

/** Boards as a table, in and out. */
final readonly class BoardTableProps extends Page
{
    public const COMPONENT = 'stores/BoardTable';

    /** @param  list<string>  $columns */
    public function __construct(public array $columns)
    {
    }
}
