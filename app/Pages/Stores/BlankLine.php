<?php

declare(strict_types=1);

namespace App\Pages\Stores;

/** What was cut for a build and is not made into anything yet. */
final readonly class BlankLine
{
    /**
     * @param  int  $board  that it was cut from
     * @param  string|null  $money  where the viewer sees money
     * @param  string  $settled  whether it is settled, or from which day on
     */
    public function __construct(
        public int $id,
        public int $build,
        public string $title,
        public string $what,
        public string $size,
        public string $species,
        public int $board,
        public string $place,
        public ?string $money,
        public string $settled,
        public bool $ready,
    ) {
    }
}
