<?php

declare(strict_types=1);

namespace App\Pages\Parts;

use App\Pages\Page;

final readonly class PartTableProps extends Page
{
    public const COMPONENT = 'stores/PartTable';

    /** @param  list<string>  $columns  in the order in which they are written */
    public function __construct(public array $columns)
    {
    }
}
