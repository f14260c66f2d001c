<?php

declare(strict_types=1);

namespace App\Planning\Parts;

use App\Models\Parts\Part;
use Regimen\Formats\Stores\PartRow;

/** What a line of a table changes. */
final readonly class PartImported
{
    public function __construct(public PartRow $row, public ?Part $part, public string $words)
    {
    }
}
