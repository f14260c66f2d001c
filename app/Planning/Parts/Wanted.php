<?php

declare(strict_types=1);

namespace App\Planning\Parts;

use App\Models\Build\KitLine;
use App\Models\Parts\Part;
use App\Models\Parts\Supplier;
use Regimen\Stores\Buying\Offer;

/** Something that has to be bought, and from whom it is proposed to buy it. */
final class Wanted
{
    public ?Supplier $supplier = null;

    public ?Offer $offer = null;

    /** The last day to order it, so that nine of ten times it is there in time. */
    public ?string $orderBy = null;

    /**
     * @param  KitLine|null  $line  null: for stock
     * @param  string|null  $neededOn  first work with it, or the day on which the stock has run out
     * @param  list<Offer>  $offers
     * @param  Part|null  $drawer  of which enough lies in stock
     * @param  float|null  $there  in stock, and at which it is ordered again
     */
    public function __construct(
        public readonly ?KitLine $line,
        public readonly ?Part $part,
        public readonly float $quantity,
        public readonly string $unit,
        public readonly ?string $neededOn,
        public readonly array $offers,
        public readonly ?Part $drawer,
        public readonly ?float $there = null,
        public readonly ?float $reorderAt = null,
    ) {
    }

    public function choose(Supplier $supplier, Offer $offer, ?string $orderBy): void
    {
        $this->supplier = $supplier;
        $this->offer = $offer;
        $this->orderBy = $orderBy;
    }

    public function name(): string
    {
        return $this->part->name ?? $this->line->name ?? '';
    }
}
