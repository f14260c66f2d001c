<?php

declare(strict_types=1);

namespace App\Queries\Route;

use App\Pages\Route\DaysSpent;

/** A build that is alone in the shop; nothing where it cannot be planned. */
final readonly class Alone
{
    /** @param  float|null  $days  calendar days from now to its end */
    public function __construct(public ?float $days, public ?DaysSpent $spent)
    {
    }
}
