<?php

declare(strict_types=1);

namespace App\Pages\Shop;

/** One thing to set up in a new shop. */
final readonly class FirstStep
{
    /**
     * @param  string  $words  what it is for
     * @param  string  $stands  how far it has come
     */
    public function __construct(
        public string $title,
        public string $words,
        public string $stands,
        public string $address,
        public string $action,
        public bool $done,
    ) {
    }
}
