<?php

declare(strict_types=1);

namespace App\Models\Money;

use App\Models\ShopModel;
use Regimen\Invoicing\TaxCategory;
use Regimen\Invoicing\TaxRate;

/**
 * A tax that the house has set for a country.
 *
 * @property TaxCategory $category
 */
class HouseTax extends ShopModel
{
    protected $table = 'tax_rates';

    protected $casts = ['category' => TaxCategory::class];

    public function rate(): TaxRate
    {
        return new TaxRate($this->category, $this->permille, $this->reason);
    }
}
