<?php

declare(strict_types=1);

namespace Regimen\Invoicing;

use Regimen\Units\Money;

/** A rate of tax, and why it is none where it is none. */
final readonly class TaxRate
{
    /**
     * @param  int  $permille  of the net, zero or more
     * @param  string  $reason  in words, where the category needs one
     */
    public function __construct(public TaxCategory $category, public int $permille, public string $reason = '')
    {
    }

    /** Rounded half away from zero to the minor unit. */
    public function on(Money $net): Money
    {
        return $net->times($this->permille / 1_000);
    }

    /** The net of an amount with tax, so near as a whole number of minor units comes. */
    public function within(Money $gross): Money
    {
        return $gross->times(1_000 / (1_000 + $this->permille));
    }

    public function key(): string
    {
        return "{$this->category->value} {$this->permille}";
    }

    /** `19 %`, `7.7 %`. */
    public function percent(): string
    {
        return rtrim(rtrim(number_format($this->permille / 10, 1, '.', ''), '0'), '.');
    }
}
