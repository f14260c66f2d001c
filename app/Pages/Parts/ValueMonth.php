<?php

declare(strict_types=1);

namespace App\Pages\Parts;

/** What the stock of parts was worth in a month. */
final readonly class ValueMonth
{
    public function __construct(
        public string $month,
        public string $opening,
        public string $came,
        public string $taken,
        public string $used,
        public string $lost,
        public string $sentBack,
        public string $closing,
    ) {
    }
}
