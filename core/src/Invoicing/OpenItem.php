<?php

declare(strict_types=1);

namespace Regimen\Invoicing;

use Regimen\Units\Money;

/** An invoice that is not paid whole. */
final readonly class OpenItem
{
    /** @param  Money  $left  of it, above zero */
    public function __construct(public int $id, public string $number, public string $client, public int $build, public Money $left)
    {
    }
}
