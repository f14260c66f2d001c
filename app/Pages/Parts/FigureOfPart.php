<?php

declare(strict_types=1);

namespace App\Pages\Parts;

/** A figure of a part: as measured, and as its data sheet says. */
final readonly class FigureOfPart
{
    public function __construct(public string $field, public string $label, public string $measured, public string $sheet)
    {
    }
}
