<?php

declare(strict_types=1);

namespace App\Pages\Buying;

/** Who sells to the shop. */
final readonly class SupplierShown
{
    /** @param  string  $learned  how long its orders take, with how many have come */
    public function __construct(
        public int $id,
        public int $version,
        public string $name,
        public string $email,
        public string $address,
        public string $freight,
        public ?int $expressDays,
        public string $express,
        public string $note,
        public string $learned,
        public int $parts,
        public int $open,
        public ?int $median,
        public ?int $ninth,
        public int $orders,
    ) {
    }
}
