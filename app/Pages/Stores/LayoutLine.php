<?php

declare(strict_types=1);

namespace App\Pages\Stores;

/** How what a board serves lies on it together. */
final readonly class LayoutLine
{
    /**
     * @param  list<LaidLine>  $laid
     * @param  list<SawLine>  $cuts  in the order in which they are sawn
     * @param  int  $usedPercent  of its face
     * @param  string  $offcut  the most useful one, as a size; empty where nothing worth keeping is left
     * @param  list<string>  $without  what finds no place beside the others
     */
    public function __construct(public array $laid, public array $cuts, public int $usedPercent, public string $offcut, public array $without)
    {
    }
}
