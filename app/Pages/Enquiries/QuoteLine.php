<?php

declare(strict_types=1);

namespace App\Pages\Enquiries;

/** A quote of an enquiry. */
final readonly class QuoteLine
{
    public function __construct(public int $id, public string $name, public string $what, public string $price, public string $words, public bool $open)
    {
    }
}
