<?php

declare(strict_types=1);

namespace App\Pages\Buying;

use App\Pages\Page;

final readonly class OrderProps extends Page
{
    public const COMPONENT = 'stores/Order';

    /**
     * @param  list<OrderedLine>  $lines
     * @param  list<ParcelShown>  $parcels
     * @param  string  $learned  how long its supplier takes
     * @param  string  $mailed  when it was mailed, and to whom
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $headline,
        public string $supplier,
        public bool $hasMail,
        public string $address,
        public string $orderedOn,
        public string $expectedOn,
        public bool $overdue,
        public bool $open,
        public bool $express,
        public string $note,
        public string $learned,
        public string $mailed,
        public string $freight,
        public ?string $total,
        public array $lines,
        public array $parcels,
    ) {
    }
}
