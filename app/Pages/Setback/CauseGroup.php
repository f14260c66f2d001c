<?php

declare(strict_types=1);

namespace App\Pages\Setback;

final readonly class CauseGroup
{
    /** @param  list<CauseRow>  $rows */
    public function __construct(public string $name, public array $rows)
    {
    }
}
