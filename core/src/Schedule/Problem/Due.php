<?php

declare(strict_types=1);

namespace Regimen\Schedule\Problem;

/** When a build is due, and in which round it is planned: a later round takes only what the earlier ones leave. */
final readonly class Due
{
    /** @param  int  $inTheShop  what a minute until it is over weighs, in per cent of what it weighs for the others */
    public function __construct(
        public ?int $instant,
        public int $round = 0,
        public Promise $promise = Promise::Promised,
        public int $inTheShop = 100,
    ) {
    }
}
