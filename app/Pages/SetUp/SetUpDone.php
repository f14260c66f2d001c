<?php

declare(strict_types=1);

namespace App\Pages\SetUp;

/** Something that was read before. */
final readonly class SetUpDone
{
    public function __construct(
        public int $id,
        public string $words,
        public string $by,
        public string $at,
    ) {
    }
}
