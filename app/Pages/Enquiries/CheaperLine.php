<?php

declare(strict_types=1);

namespace App\Pages\Enquiries;

/** One thing otherwise about a sketch, and what it saves. */
final readonly class CheaperLine
{
    public function __construct(public string $field, public string $from, public string $to, public string $saves, public string $price, public string $takes, public bool $isWithin)
    {
    }
}
