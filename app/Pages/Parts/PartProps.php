<?php

declare(strict_types=1);

namespace App\Pages\Parts;

use App\Pages\Page;
use App\Pages\Shop\Option;

final readonly class PartProps extends Page
{
    public const COMPONENT = 'stores/Part';

    /**
     * @param  list<LotLine>  $lots
     * @param  list<OfferLine>  $offers
     * @param  list<FigureOfPart>  $figures
     * @param  list<MovementLine>  $movements  the latest first
     * @param  list<int>  $alternatives
     * @param  list<Option>  $others  parts of the same kind
     * @param  list<Option>  $suppliers
     * @param  list<Option>  $builds  in the making
     * @param  list<Option>  $groups
     * @param  list<Option>  $prices
     * @param  list<string>  $units
     * @param  list<string>  $history  what it cost before
     * @param  string  $reorder  at which it is ordered again, and why
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $name,
        public string $group,
        public string $unit,
        public string $place,
        public bool $byUse,
        public string $least,
        public string $note,
        public string $priceKey,
        public bool $kept,
        public float $free,
        public float $reserved,
        public float $coming,
        public string $reorder,
        public array $lots,
        public array $offers,
        public array $figures,
        public array $movements,
        public array $alternatives,
        public array $others,
        public array $suppliers,
        public array $builds,
        public array $groups,
        public array $prices,
        public array $units,
        public array $history,
    ) {
    }
}
