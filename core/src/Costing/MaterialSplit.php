<?php

declare(strict_types=1);

namespace Regimen\Costing;

use Regimen\Units\Money;

final readonly class MaterialSplit
{
    public function __construct(public Money $used, public Money $lost, public Money $left)
    {
    }
}
