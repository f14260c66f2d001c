<?php

declare(strict_types=1);

namespace App\Pages\SetUp;

/** One position of the switch. */
final readonly class TapLine
{
    /**
     * @param  string  $alone  resistance of the pickups alone; empty where it is not known
     * @param  string  $atJack  with the volume full up
     */
    public function __construct(
        public int $number,
        public string $sounds,
        public string $silent,
        public string $alone,
        public string $atJack,
    ) {
    }
}
