<?php

declare(strict_types=1);

namespace App\Pages\Buying;

/** A kit that still needs such a part, and what the instrument has against this one. */
final readonly class FitLine
{
    /** @param  list<string>  $consequences  empty where nothing speaks against it that is known */
    public function __construct(public int $line, public int $version, public int $build, public string $title, public float $quantity, public array $consequences)
    {
    }
}
