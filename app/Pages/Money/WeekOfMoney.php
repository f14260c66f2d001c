<?php

declare(strict_types=1);

namespace App\Pages\Money;

/** What is expected in a week. */
final readonly class WeekOfMoney
{
    /**
     * @param  string  $on  its Monday; empty for what was due before
     * @param  float  $share  of the fullest week, 0 to 1
     * @param  list<string>  $of  what it is
     */
    public function __construct(public string $on, public string $words, public string $amount, public float $share, public array $of)
    {
    }
}
