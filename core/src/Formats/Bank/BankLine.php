<?php

declare(strict_types=1);

namespace Regimen\Formats\Bank;

use Regimen\Units\Money;

/** Money that came, as the bank tells it. */
final readonly class BankLine
{
    /**
     * @param  int  $line  of the file
     * @param  string  $on  a day, ISO 8601
     * @param  string  $fingerprint  the same for the same payment in every file it stands in; of several alike each has its own
     */
    public function __construct(public int $line, public string $on, public Money $amount, public string $words, public string $fingerprint)
    {
    }
}
