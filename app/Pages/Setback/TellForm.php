<?php

declare(strict_types=1);

namespace App\Pages\Setback;

use App\Pages\Sheet\MeasurablePart;
use App\Pages\Shop\Option;

/** What is asked where somebody tells that something is wrong. */
final readonly class TellForm
{
    /**
     * @param  list<MishapOption>  $mishaps
     * @param  list<Option>  $operations  that are begun; none at the bench, where it is the one under the hand
     * @param  list<Option>  $resources
     * @param  list<MeasurablePart>  $measures  by piece
     */
    public function __construct(
        public array $mishaps,
        public array $operations,
        public array $resources,
        public array $measures,
    ) {
    }
}
