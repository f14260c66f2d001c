<?php

declare(strict_types=1);

namespace Regimen\Setback;

/** One property of a piece against what an instrument needs. */
final readonly class FitLine
{
    /**
     * @param  string  $what  the property
     * @param  string  $here  what the instrument needs
     * @param  string  $there  what the piece has
     * @param  bool  $fits  whether it can be used at all
     * @param  string  $then  what is done about it, or that the client sees it; empty where it is the same
     */
    public function __construct(public string $what, public string $here, public string $there, public bool $fits, public string $then)
    {
    }
}
