<?php

declare(strict_types=1);

namespace App\Pages\Money;

use App\Pages\Page;

final readonly class BankProps extends Page
{
    public const COMPONENT = 'money/Bank';

    public function __construct(public int $version, public bool $isSet, public string $date, public string $amount, public string $words, public string $currency, public bool $dayFirst)
    {
    }
}
