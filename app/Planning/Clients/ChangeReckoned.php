<?php

declare(strict_types=1);

namespace App\Planning\Clients;

use Regimen\Units\Money;

/** What a change comes to, from the state of the work today. */
final readonly class ChangeReckoned
{
    /**
     * @param  int  $toDo  minutes of work more that are still to be done; below zero for fewer
     * @param  int  $lost  minutes that were worked on what is no longer needed
     * @param  Money  $material  more of it that is to be paid for, what was bought for nothing included
     * @param  Money  $lostMaterial  what is in the shop already and no longer needed
     * @param  Money  $price  by the house’s overhead, margin and tax
     * @param  string|null  $before  day of the planned finish as it is
     * @param  string|null  $after  day of the planned finish with it
     * @param  list<string>  $others  what becomes of other builds’ promises
     * @param  list<string>  $useless  what was made for nothing
     * @param  list<string>  $impossible  what cannot be changed any more, and what is possible instead
     */
    public function __construct(
        public int $toDo,
        public int $lost,
        public Money $material,
        public Money $lostMaterial,
        public Money $price,
        public ?string $before,
        public ?string $after,
        public array $others,
        public array $useless,
        public array $impossible,
    ) {
    }
}
