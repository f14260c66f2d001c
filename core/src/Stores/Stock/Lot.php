<?php

declare(strict_types=1);

namespace Regimen\Stores\Stock;

use Regimen\Units\Money;

/** What is left of something that came at one price. */
final readonly class Lot
{
    /**
     * @param  int  $left  thousandths of the unit, zero or more
     * @param  Money  $value  of what is left
     */
    public function __construct(public int $number, public int $left, public Money $value)
    {
    }

    /**
     * What a part of it costs: by amount, to the minor unit, so that what is taken and what stays are the whole (CALCULATIONS I7).
     *
     * @param  int  $quantity  thousandths, above zero
     *
     * @throws TooLittle if it is more than is left
     */
    public function costOf(int $quantity): Money
    {
        if ($quantity > $this->left) {
            throw new TooLittle($this->left);
        }

        return $this->value->split([$quantity, $this->left - $quantity])[0];
    }
}
