<?php

declare(strict_types=1);

namespace App\Pages\Route;

use Regimen\Route\OperationState;

/** Where an operation stands on its route: in the picture, in its state, with its parts and with other builds. */
readonly class PlaceInRoute
{
    /**
     * @param  int|null  $id  of its record, where it has one already
     * @param  int|null  $column  how many operations are before it on the longest way; none for what is not on the route
     * @param  int  $slack  in minutes
     * @param  list<string>  $pieces
     * @param  int  $stake  minutes of labour that are in the pieces by then
     * @param  list<PartNeeded>  $parts
     * @param  list<SharedSetting>  $sharesWith
     */
    public function __construct(
        public ?int $id,
        public OperationState $state,
        public int $workedMinutes,
        public ?int $column,
        public bool $critical,
        public int $slack,
        public array $pieces,
        public int $stake,
        public array $parts,
        public array $sharesWith,
    ) {
    }
}
