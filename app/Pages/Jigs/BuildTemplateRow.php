<?php

declare(strict_types=1);

namespace App\Pages\Jigs;

/** One shape that a build asks for, and what there is of it. */
final readonly class BuildTemplateRow
{
    /**
     * @param  int|null  $template  that serves it, or comes nearest
     * @param  list<string>  $operations  on its route that are done along it
     */
    public function __construct(public string $shape, public string $what, public bool $fits, public string $words, public ?int $template, public array $operations)
    {
    }
}
