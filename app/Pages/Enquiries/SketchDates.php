<?php

declare(strict_types=1);

namespace App\Pages\Enquiries;

use App\Pages\Build\ChanceOfDay;

/** When a sketch would be ready. */
final readonly class SketchDates
{
    /**
     * @param  list<ChanceOfDay>  $days
     * @param  int|null  $wanted  in how many of 100 runs it is ready by the day that is wanted; null without one
     */
    public function __construct(public int $sketch, public ?string $promisable, public array $days, public ?int $wanted)
    {
    }
}
