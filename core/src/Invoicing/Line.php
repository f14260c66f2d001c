<?php

declare(strict_types=1);

namespace Regimen\Invoicing;

use Regimen\Units\Money;

/** A line of an invoice: so many of something at a price without tax. */
final readonly class Line
{
    /**
     * @param  string  $text  what it is
     * @param  float  $quantity  of its unit; below zero where something is deducted
     * @param  string  $unit  in a code of UN/ECE recommendation 20: `C62` one, `HUR` hours
     * @param  Money  $price  of one without tax, zero or more
     * @param  Money  $net  of all of them
     */
    public function __construct(
        public string $text,
        public float $quantity,
        public string $unit,
        public Money $price,
        public Money $net,
        public ?TaxRate $tax,
    ) {
    }

    /** @param  float  $quantity  of it; below zero where something is deducted */
    public static function of(string $text, float $quantity, Money $price, TaxRate $tax, string $unit = 'C62'): self
    {
        return new self($text, $quantity, $unit, $price, $price->times($quantity), $tax);
    }

    /** One of it for so much; an amount below zero is deducted. */
    public static function one(string $text, Money $net, TaxRate $tax): self
    {
        return self::of($text, $net->minor < 0 ? -1 : 1, Money::ofMinor(abs($net->minor), $net->currency), $tax);
    }
}
