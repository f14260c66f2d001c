<?php

declare(strict_types=1);

namespace App\Pages\Setback;

/** What can have happened. */
final readonly class MishapOption
{
    /**
     * @param  list<string>  $pieces  on which
     * @param  bool  $fret  whether the number of a fret says where
     * @param  bool  $delay  whether it happens to the shop, and it is asked until when
     */
    public function __construct(
        public string $value,
        public string $words,
        public array $pieces,
        public bool $fret,
        public bool $delay,
    ) {
    }
}
