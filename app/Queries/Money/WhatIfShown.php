<?php

declare(strict_types=1);

namespace App\Queries\Money;

use App\Pages\Money\Choosing;
use App\Pages\Money\Row;

/** A price worked out, with what it was asked by. */
final readonly class WhatIfShown
{
    /**
     * @param  list<Row>  $rows
     * @param  string  $against  what the house would say, and what is agreed
     * @param  array<string, string>  $asked  by field
     * @param  list<Choosing>  $choices
     * @param  string  $problem  why it cannot be worked out
     */
    public function __construct(public array $rows, public string $against, public array $asked, public array $choices, public string $problem)
    {
    }
}
