<?php

declare(strict_types=1);

namespace App\Pages\Delivery;

final readonly class FactGroupLine
{
    /** @param  list<FactLine>  $facts */
    public function __construct(public string $name, public array $facts)
    {
    }
}
