<?php

declare(strict_types=1);

namespace App\Pages\LookingBack;

/** A part of the weekly letter. */
final readonly class LetterPart
{
    /** @param  list<string>  $lines */
    public function __construct(public string $heading, public array $lines)
    {
    }
}
