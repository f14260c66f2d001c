<?php

declare(strict_types=1);

namespace App\Pages\Buying;

/** A part that has not come on its day: what waits for it, and what would help. */
final readonly class LatePart
{
    /**
     * @param  string  $because  when it is likely now, and what that is learned from
     * @param  string  $endangers  the work and the promise behind it
     * @param  list<LateHelp>  $helps
     */
    public function __construct(
        public int $line,
        public int $version,
        public string $name,
        public float $quantity,
        public string $unit,
        public int $build,
        public string $title,
        public ?int $order,
        public string $expectedOn,
        public string $likelyOn,
        public string $because,
        public string $endangers,
        public bool $breaks,
        public array $helps,
    ) {
    }
}
