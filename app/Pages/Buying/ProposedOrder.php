<?php

declare(strict_types=1);

namespace App\Pages\Buying;

/** What is proposed to be ordered with one supplier. */
final readonly class ProposedOrder
{
    /**
     * @param  bool  $reachable  whether there is an address that an order can go to
     * @param  int  $days  that nine of ten of its orders take
     * @param  string|null  $expressOn  when it comes by express, where the supplier sends so
     * @param  string  $express  what that costs more
     * @param  list<ProposedLine>  $lines
     */
    public function __construct(
        public int $supplier,
        public string $name,
        public bool $reachable,
        public int $days,
        public string $expectedOn,
        public ?string $orderBy,
        public ?string $expressOn,
        public string $express,
        public string $freight,
        public string $total,
        public array $lines,
    ) {
    }
}
