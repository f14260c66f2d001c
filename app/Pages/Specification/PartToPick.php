<?php

declare(strict_types=1);

namespace App\Pages\Specification;

/** A part of the catalogue whose figures can be taken into a specification. */
final readonly class PartToPick
{
    /**
     * @param  string  $words  its figures, as measured where they were
     * @param  array<string, string>  $fields  typed, by field; of a pickup, in its first row
     */
    public function __construct(public int $id, public string $name, public string $words, public array $fields)
    {
    }
}
