<?php

declare(strict_types=1);

namespace Regimen\Formats\Bank;

/** How the house’s bank names the columns of its file. */
final readonly class BankColumns
{
    /**
     * @param  string  $date  of the day
     * @param  string  $amount  money that came above zero, that went below
     * @param  list<string>  $words  of what is said with it: name, purpose, reference
     * @param  string  $currency  empty where there is none
     * @param  bool  $dayFirst  whether 03/04/2026 is the third of April
     */
    public function __construct(public string $date, public string $amount, public array $words, public string $currency = '', public bool $dayFirst = true)
    {
    }
}
