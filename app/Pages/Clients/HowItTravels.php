<?php

declare(strict_types=1);

namespace App\Pages\Clients;

use App\Pages\Shop\Option;

/** What a promise means, and how the instrument travels. */
final readonly class HowItTravels
{
    /** @param  list<Option>  $options */
    public function __construct(public string $words, public string $means, public string $carrier, public string $days, public string $cost, public array $options, public bool $canChange, public string $insurance, public string $collecting, public string $standsStill)
    {
    }
}
