<?php

declare(strict_types=1);

namespace App\Pages\Gate;

use Regimen\Inspection\Readings\ReadingVerdict;

/** One line of a gate. */
final readonly class GateLine
{
    /**
     * @param  list<GatePlace>  $places
     * @param  string  $decided  what was decided about it and why; empty for nothing
     * @param  string  $middle  where the middle lies, of what is compared; empty for nothing
     * @param  string  $drawn  what the specification says, where it is one of its fields
     */
    public function __construct(
        public string $key,
        public string $what,
        public string $how,
        public string $target,
        public string $inches,
        public string $unit,
        public bool $seen,
        public array $places,
        public ?ReadingVerdict $verdict,
        public bool $complete,
        public string $decided,
        public string $drawn,
        public string $middle,
    ) {
    }
}
