<?php

declare(strict_types=1);

namespace App\Jobs;

use RuntimeException;

/** There is a newer plan than the one that was looked at. */
final class PlanOvertaken extends RuntimeException
{
}
