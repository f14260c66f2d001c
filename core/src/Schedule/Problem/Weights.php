<?php

declare(strict_types=1);

namespace Regimen\Schedule\Problem;

/**
 * What weighs how much when plans are compared (CALCULATIONS P3), and how long what was announced stays. All are house
 * conventions that a shop may change; a weight is for one minute.
 */
final readonly class Weights
{
    /**
     * @param  int  $late  of lateness against a wish; a promise and an immovable date weigh a multiple
     * @param  int  $inTheShop  until a build is over
     * @param  int  $setUps  of set-ups and of sanding between coats whose window was missed
     * @param  int  $moved  by which something near today moves
     * @param  int  $frozenMinutes  from now in which nothing that was announced is changed
     */
    public function __construct(
        public int $late = 10_000,
        public int $immovable = 10,
        public int $promised = 3,
        public int $wished = 1,
        public int $inTheShop = 10,
        public int $setUps = 50,
        public int $moved = 3,
        public int $frozenMinutes = 0,
    ) {
    }

    /** What a minute until a build is over weighs. */
    public function inTheShopOf(Due $due): int
    {
        return intdiv($this->inTheShop * $due->inTheShop, 100);
    }

    public function of(Promise $promise): int
    {
        return match ($promise) {
            Promise::Immovable => $this->immovable,
            Promise::Promised => $this->promised,
            Promise::Wished => $this->wished,
        };
    }
}
