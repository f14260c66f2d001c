<?php

declare(strict_types=1);

namespace App\Pages\Buying;

/** A parcel that came of an order. */
final readonly class ParcelShown
{
    /** @param  list<string>  $lines */
    public function __construct(public string $arrivedOn, public string $by, public array $lines, public ?string $freight)
    {
    }
}
