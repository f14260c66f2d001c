<?php

declare(strict_types=1);

namespace Regimen\Schedule\Problem;

/** When a build is due, and in which round it is planned: a later round takes only what the earlier ones leave. */
final readonly class Due
{
    public function __construct(
        public ?int $instant,
        public int $round = 0,
        public Promise $promise = Promise::Promised,
    ) {
    }
}
