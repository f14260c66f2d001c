<?php

declare(strict_types=1);

namespace App\Pages\Sheet;

use App\Pages\Shop\Option;
use Regimen\Costing\KitState;

final readonly class SheetKitLine
{
    /**
     * @param  string  $cutFrom  which blanks of which boards it is; empty for what is bought
     * @param  string  $part  of the catalogue that is in it, where it is another than the kit asks for
     * @param  list<Option>  $inStock  parts that could be taken for it
     * @param  bool  $canGoBack  whether it can be put into stock
     */
    public function __construct(
        public int $id,
        public string $group,
        public string $name,
        public float $quantity,
        public string $unit,
        public string $supplier,
        public float $used,
        public float $writtenOff,
        public float $left,
        public KitState $state,
        public int $version,
        public int $leadDays,
        public bool $surplus,
        public ?string $expectedOn,
        public ?string $arrivedOn,
        public bool $overdue,
        public ?string $cost,
        public bool $costIsEstimate,
        public string $cutFrom,
        public string $part,
        public array $inStock,
        public bool $canGoBack,
    ) {
    }
}
