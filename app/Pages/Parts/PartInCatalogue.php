<?php

declare(strict_types=1);

namespace App\Pages\Parts;

/** A part of the catalogue and its stock. */
final readonly class PartInCatalogue
{
    /**
     * @param  float  $free  in the drawer and for no build
     * @param  float  $reserved  in kits, unused
     * @param  float  $coming  ordered for stock
     * @param  string|null  $value  at cost by lot
     * @param  int  $seen  the last movement; a stocktake says it, so that what is taken meanwhile is noticed
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $group,
        public string $unit,
        public string $place,
        public float $free,
        public float $reserved,
        public float $coming,
        public ?float $reorderAt,
        public bool $short,
        public string $suppliers,
        public ?string $value,
        public int $seen,
    ) {
    }
}
