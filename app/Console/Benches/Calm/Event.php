<?php

declare(strict_types=1);

namespace App\Console\Benches\Calm;

use Regimen\Schedule\Problem\Problem;

/** Something ordinary that happens: the shop as it then stands, and what cannot but move. */
final readonly class Event
{
    /**
     * @param  int|string|null  $activity  the one that it happens to
     * @param  int|null  $person  whose time is lost or gained
     * @param  string|null  $resource  a station that is lost for a while
     * @param  int  $lost  minutes
     */
    public function __construct(
        public string $kind,
        public Problem $problem,
        public int|string|null $activity,
        public ?int $person,
        public ?string $resource,
        public int $lost,
    ) {
    }
}
