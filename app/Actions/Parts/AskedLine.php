<?php

declare(strict_types=1);

namespace App\Actions\Parts;

use Regimen\Units\Money;

/** A line that is to be ordered: of a kit, with the version that was seen, or of a part for stock. */
final readonly class AskedLine
{
    /**
     * @param  float  $quantity  in the unit; of a kit line always all of it
     * @param  Money  $cost  of the whole line
     */
    public function __construct(public ?int $kitLine, public int $version, public ?int $part, public float $quantity, public Money $cost)
    {
    }
}
