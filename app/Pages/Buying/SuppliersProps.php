<?php

declare(strict_types=1);

namespace App\Pages\Buying;

use App\Pages\Page;

final readonly class SuppliersProps extends Page
{
    public const COMPONENT = 'stores/Suppliers';

    /** @param  list<SupplierShown>  $suppliers */
    public function __construct(public string $headline, public array $suppliers)
    {
    }
}
