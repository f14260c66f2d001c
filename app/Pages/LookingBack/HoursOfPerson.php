<?php

declare(strict_types=1);

namespace App\Pages\LookingBack;

/** What one person worked in a year, month by month and by kind. */
final readonly class HoursOfPerson
{
    /**
     * @param  list<string>  $months
     * @param  list<YearLine>  $kinds
     */
    public function __construct(public string $name, public array $months, public string $total, public array $kinds)
    {
    }
}
