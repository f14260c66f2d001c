<?php

declare(strict_types=1);

namespace App\Pages\Money;

/** Money that came, and which invoice it is meant for. */
final readonly class BankRow
{
    /**
     * @param  string  $invoice  that it is proposed for; empty where none is
     * @param  bool  $isTaken  whether it is recorded already
     */
    public function __construct(public string $fingerprint, public string $on, public string $amount, public string $words, public string $invoice, public bool $isCertain, public string $because, public bool $isTaken)
    {
    }
}
