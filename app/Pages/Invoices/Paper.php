<?php

declare(strict_types=1);

namespace App\Pages\Invoices;

/** An invoice or a credit note in a list. */
final readonly class Paper
{
    /**
     * @param  string  $left  of it to be paid; empty where nothing is
     * @param  string  $state  in words
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $on,
        public int $build,
        public string $client,
        public string $what,
        public string $amount,
        public string $left,
        public string $state,
        public bool $isLate,
    ) {
    }
}
