<?php

declare(strict_types=1);

namespace App\Pages\House;

use App\Pages\Page;

final readonly class PartsProps extends Page
{
    public const COMPONENT = 'house/Parts';

    /**
     * @param  list<PartLine>  $expected
     * @param  list<PartLine>  $toOrder
     * @param  list<PriceLine>  $prices
     * @param  list<SupplierLine>  $suppliers  of whom something has come
     */
    public function __construct(
        public array $expected,
        public array $toOrder,
        public array $prices,
        public array $suppliers,
        public string $today,
    ) {
    }
}
