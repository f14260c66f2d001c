<?php

declare(strict_types=1);

namespace App\Pages\Setback;

use App\Pages\Shop\Option;

/** A piece that has left the instrument it was made for. */
final readonly class PieceLine
{
    /**
     * @param  string|null  $money  hours and timber, where the viewer sees money
     * @param  list<string>  $measured
     * @param  list<Option>  $fits  open builds that have none yet and that it fits, with what would differ
     * @param  list<string>  $not  builds that need one and that it does not fit, and why
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $name,
        public int $madeFor,
        public string $size,
        public string $done,
        public int $minutes,
        public ?string $money,
        public string $place,
        public string $state,
        public ?int $build,
        public array $measured,
        public array $fits,
        public array $not,
        public string $at,
    ) {
    }
}
