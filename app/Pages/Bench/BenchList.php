<?php

declare(strict_types=1);

namespace App\Pages\Bench;

/** A list that is gone through: joints to solder, what to look at before something is closed. */
final readonly class BenchList
{
    /**
     * @param  list<BenchJoint>  $items
     */
    public function __construct(
        public string $key,
        public string $title,
        public array $items,
    ) {
    }
}
