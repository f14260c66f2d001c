<?php

declare(strict_types=1);

namespace App\Pages\LookingBack;

/** Hours by the end of a week; what is earned and worked only until today. */
final readonly class ProgressWeek
{
    public function __construct(public string $end, public float $planned, public ?float $earned, public ?float $worked)
    {
    }
}
