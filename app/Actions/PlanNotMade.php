<?php

declare(strict_types=1);

namespace App\Actions;

use App\Support\Trouble;
use Regimen\Costing\UnknownPrice;
use Regimen\Route\Standards\UnknownStandard;
use RuntimeException;
use Throwable;

/** What was done is recorded, and the plan could not be made again; the one before it is whole and in force. */
final class PlanNotMade extends RuntimeException
{
    public static function because(Throwable $failed): self
    {
        $why = $failed instanceof UnknownPrice || $failed instanceof UnknownStandard
            ? $failed->getMessage()
            : (Trouble::of($failed)?->headline() ?? 'The log says why').'.';

        return new self("It is recorded, but the plan could not be made again and is the one from before. {$why}", 0, $failed);
    }
}
