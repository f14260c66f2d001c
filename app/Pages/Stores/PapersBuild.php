<?php

declare(strict_types=1);

namespace App\Pages\Stores;

/** An instrument with protected timber or shell in it. */
final readonly class PapersBuild
{
    /**
     * @param  string  $what  is protected in it
     * @param  list<string>  $lots  what it was cut from, with their papers
     * @param  string  $papers  on file for the instrument itself
     */
    public function __construct(public int $number, public string $title, public int $version, public string $what, public array $lots, public string $papers)
    {
    }
}
