<?php

declare(strict_types=1);

namespace App\Pages\Forecast;

/** Something that a finish hangs on. */
final readonly class HangLine
{
    /**
     * @param  string  $mark  labour, hold, wait or gate: how it is drawn
     * @param  int  $percent  of the runs in which it lies on the chain that decides
     * @param  string|null  $href  where it is looked after
     * @param  string  $because  what the figure means
     */
    public function __construct(public string $words, public string $mark, public int $percent, public ?string $href, public string $because)
    {
    }
}
