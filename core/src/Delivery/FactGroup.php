<?php

declare(strict_types=1);

namespace Regimen\Delivery;

final readonly class FactGroup
{
    /** @param  list<Fact>  $facts */
    public function __construct(public string $name, public array $facts)
    {
    }
}
