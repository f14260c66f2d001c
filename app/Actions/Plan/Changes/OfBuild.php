<?php

declare(strict_types=1);

namespace App\Actions\Plan\Changes;

use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Support\Refused;

/** A change of one build, known by its number in `$number`. */
trait OfBuild
{
    public function build(): Build
    {
        return Build::query()->with('specification')->where('number', $this->number)->firstOrFail();
    }

    /** As it is when the change is made: whoever asked for it may have seen it open and somebody else called it off since. */
    private function buildInTheMaking(): Build
    {
        $build = $this->build();
        $over = self::notInTheMaking($build);

        return $over === null ? $build : throw Refused::because($over, 'build');
    }

    private static function notInTheMaking(Build $build): ?string
    {
        return $build->status === BuildStatus::Open ? null : "{$build->name()} is not in the making any more.";
    }
}
