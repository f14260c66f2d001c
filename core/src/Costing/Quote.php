<?php

declare(strict_types=1);

namespace Regimen\Costing;

use Regimen\Units\Money;

/** A price from what an instrument costs: labour, material with its waste, work done elsewhere, overhead, margin or mark-up. */
final readonly class Quote
{
    /**
     * @param  Money  $overhead  on labour, material and outside work
     * @param  Money  $cost  all of it
     * @param  Money  $price  without tax, before any discount
     */
    private function __construct(
        public Money $labour,
        public Money $material,
        public Money $outside,
        public Money $overhead,
        public Money $cost,
        public Money $price,
    ) {
    }

    /** @param  Money|null  $outside  work that is done elsewhere */
    public static function compute(Money $labour, Money $material, PriceRule $rule, ?Money $outside = null): self
    {
        $outside ??= Money::zero($labour->currency);
        $direct = $labour->plus($material)->plus($outside);
        $overhead = $rule->overheadOn($direct);
        $cost = $direct->plus($overhead);

        return new self($labour, $material, $outside, $overhead, $cost, $rule->price($cost));
    }

    /**
     * What one of several alike takes when they are made together: its own labour, and its share of the set-ups.
     *
     * @param  Money  $setUps  of one alone
     * @param  Money  $labour  of one, set-ups aside
     * @param  int  $pieces  one or more
     *
     * @throws \InvalidArgumentException for fewer than one
     */
    public static function sharedLabour(Money $setUps, Money $labour, int $pieces): Money
    {
        if ($pieces < 1) {
            throw new \InvalidArgumentException('At least one instrument is made.');
        }

        return $labour->plus($setUps->split(array_fill(0, $pieces, 1))[0]);
    }

    /**
     * @param  int  $discount  thousandths of the price, 0 to 1,000
     *
     * @throws \InvalidArgumentException for a discount outside its range
     */
    public function discounted(int $discount): Money
    {
        if ($discount < 0 || $discount > 1_000) {
            throw new \InvalidArgumentException('A discount is a share of the price, from 0 to 1.');
        }

        return $this->price->minus($this->price->times($discount / 1_000));
    }

    /** By effort: what it came to, and never more than was agreed at the most. */
    public static function byEffort(Money $came, Money $ceiling): Money
    {
        return $came->minor > $ceiling->minor ? $ceiling : $came;
    }
}
