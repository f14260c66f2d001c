<?php

declare(strict_types=1);

namespace Regimen\Invoicing;

use Regimen\Units\Money;

/** The sums of an invoice: tax once for each rate on the sum of its lines, never by line (CALCULATIONS M5, EN 16931). */
final readonly class Totals
{
    /**
     * @param  list<TaxSum>  $taxes  in the order in which their rates stand in the lines
     * @param  Money  $rounding  between what is due and what net and tax sum to
     */
    public function __construct(public array $taxes, public Money $lines, public Money $net, public Money $tax, public Money $gross, public Money $rounding, public Money $due)
    {
    }

    /**
     * @param  list<Line>  $lines
     * @param  Money|null  $agreed  what is to be paid; the difference to the sums stands as rounding
     */
    public static function of(array $lines, string $currency, ?Money $agreed = null): self
    {
        $rates = $nets = [];
        $sum = Money::zero($currency);
        foreach ($lines as $line) {
            if ($line->tax === null) {
                continue;
            }
            $key = $line->tax->key();
            $rates[$key] ??= $line->tax;
            $nets[$key] = ($nets[$key] ?? Money::zero($currency))->plus($line->net);
            $sum = $sum->plus($line->net);
        }
        $taxes = [];
        $tax = Money::zero($currency);
        foreach ($rates as $key => $rate) {
            $taxes[] = new TaxSum($rate, $nets[$key], $rate->on($nets[$key]));
            $tax = $tax->plus($rate->on($nets[$key]));
        }
        $gross = $sum->plus($tax);
        $due = $agreed ?? $gross;

        return new self($taxes, $sum, $sum, $tax, $gross, $due->minus($gross), $due);
    }
}
