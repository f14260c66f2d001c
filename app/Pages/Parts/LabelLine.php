<?php

declare(strict_types=1);

namespace App\Pages\Parts;

/** Something that can have a label. */
final readonly class LabelLine
{
    public function __construct(public string $key, public string $kind, public string $words, public string $under)
    {
    }
}
