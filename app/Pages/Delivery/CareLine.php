<?php

declare(strict_types=1);

namespace App\Pages\Delivery;

final readonly class CareLine
{
    /** @param  list<string>  $sentences */
    public function __construct(public string $heading, public array $sentences)
    {
    }
}
