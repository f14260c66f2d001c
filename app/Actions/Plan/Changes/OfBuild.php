<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

use App\Models\Build\Build;
use App\Models\Build\BuildStatus;

/** A change of one build, known by its number in `$number`. */
trait OfBuild
{
    public function build(): Build
    {
        return Build::query()->with('specification')->where('number', $this->number)->firstOrFail();
    }

    private static function notInTheMaking(Build $build): ?string
    {
        return $build->status === BuildStatus::Open ? null : "{$build->name()} is not in the making any more.";
    }
}
