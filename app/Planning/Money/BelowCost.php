<?php

declare(strict_types=1);

namespace App\Planning\Money;

use App\Planning\House\House;
use App\Planning\Route\Drafting;
use Regimen\Instrument\Specification;
use Regimen\Invoicing\TaxCategory;
use Regimen\Invoicing\TaxRate;
use Regimen\Units\Money;

/** A price that does not bring what the instrument costs is taken, and said. */
final readonly class BelowCost
{
    public function __construct(private Drafting $drafting, private House $house)
    {
    }

    /**
     * @param  Money|null  $price  with tax
     * @param  int|null  $tax  in it, in thousandths; the house’s when null
     * @return string a sentence with a space before it; empty where it brings what it costs, or nobody can say
     */
    public function words(Specification $specification, ?Money $price, ?int $tax = null): string
    {
        if ($price === null) {
            return '';
        }
        $draft = $this->drafting->draft($specification);
        $net = ($tax === null ? $this->house->tax() : new TaxRate(TaxCategory::Standard, $tax))->within($price);
        $short = $draft->quote->cost->minor - $net->minor;

        return $short <= 0 ? '' : " Without tax the price is {$this->house->money($short)} below what it costs: {$draft->quote->cost} of labour, material and overhead.";
    }
}
