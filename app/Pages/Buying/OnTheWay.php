<?php

declare(strict_types=1);

namespace App\Pages\Buying;

/** An order of which something is still to come. */
final readonly class OnTheWay
{
    /**
     * @param  string  $what  the parts, the first ones
     * @param  string  $for  `No. 39, No. 41, stock`
     * @param  string  $likelyOn  half of such orders have come by then
     * @param  string  $ninthOn  nine of ten have
     * @param  string|null  $neededOn  first work with something of it
     */
    public function __construct(
        public int $id,
        public string $supplier,
        public string $what,
        public string $for,
        public string $orderedOn,
        public string $expectedOn,
        public string $likelyOn,
        public string $ninthOn,
        public ?string $neededOn,
        public bool $overdue,
        public ?string $cost,
    ) {
    }
}
