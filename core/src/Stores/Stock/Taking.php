<?php

declare(strict_types=1);

namespace Regimen\Stores\Stock;

use Regimen\Units\Money;

/** What is taken from one lot. */
final readonly class Taking
{
    /** @param  int  $quantity  thousandths of the unit */
    private function __construct(public int $lot, public int $quantity, public Money $cost)
    {
    }

    /**
     * From the first lots on, each at its own cost (CALCULATIONS I7).
     *
     * @param  list<Lot>  $lots  in the order in which they are to be used up
     * @param  int  $quantity  thousandths, above zero
     * @return non-empty-list<self>
     *
     * @throws TooLittle if all of them together are less
     */
    public static function of(array $lots, int $quantity): array
    {
        if ($quantity <= 0) {
            throw new \InvalidArgumentException('Nothing cannot be taken.');
        }
        $takings = [];
        $missing = $quantity;
        foreach ($lots as $lot) {
            $part = min($missing, $lot->left);
            if ($part > 0) {
                $takings[] = new self($lot->number, $part, $lot->costOf($part));
                $missing -= $part;
            }
        }

        return $missing > 0 || $takings === [] ? throw new TooLittle($quantity - $missing) : $takings;
    }
}
